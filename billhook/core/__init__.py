"""The job itself: pure functions and frozen values. No Flask, SQL, files, clock or unseeded
randomness.
"""
