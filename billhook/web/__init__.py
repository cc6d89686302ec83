"""Flask: application factory, one blueprint per subject, request and response models, errors in one
place.
"""
