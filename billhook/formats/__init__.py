"""One reader or writer per open format. Readers return rows and problems with line numbers, never
half an import.
"""
