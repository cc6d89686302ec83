"""Tables, the database they live in, and one repository per aggregate."""
