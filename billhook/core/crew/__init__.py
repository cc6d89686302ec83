"""Who does what in which week: hours, skills, prices of the weeks, and what does not fit."""
