"""After frost: what is hurt, what to wait for, where the green ends, what to grow on, when it bears
again.
"""
