"""Request and response models; OpenAPI is made from the same models that validate."""
