"""Who does what in which week, from the season, the trees and who works here."""
