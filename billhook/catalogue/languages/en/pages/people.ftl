## Said in several places

name = Name

## PeoplePage

who-works-here-a-name = Who works here. A name then stands one tap away wherever it is asked who did something. Rows and blocks are given to somebody on their
and-today-can-be-read = , and Today can be read by helper.
take-off-the-list = Take off the list
theirs = Theirs:
somebody-new = Somebody new
reaches = reaches { $reach }
with-a-pole = with a pole { $pole }
carries = carries { $carries }
h-a-week = { $hoursWeek } h a week
row-3 = { $of }, row { $n }

## SignIn

come-in = Come in
sign-in = Sign in
take-a-pin-of-six = Take a PIN of six characters or more. With your name it opens Billhook on any of your devices.
you-come-in-as = You come in as
your-name = Your name
pin = PIN
with-this-device-s-lock = With this device’s lock
no-pin-yet-or-lost = No PIN yet, or lost? An owner of the holding lets you in with a code, on
an-owner-comes-in-with = ; an owner comes in with the one that
shows-on-the-computer-that = shows on the computer that runs Billhook. What you entered on this device stays here until you are back.

## MayComeIn

who-may-come-in = Who may come in
what-is = What { $name } is
let-in-no-more = Let in no more
sees-all-rows-none-are = Sees all rows: none are given to this name.
sees-rows-those-of-this = Sees { $ownRows } { $ownRows ->
    [one] row
   *[other] rows
 }, those of this name.
this-device = this device
seen-2 = seen { $seen }
let-somebody-in = Let somebody in
let-somebody-in-or-give = Let somebody in, or give a new PIN
show-a-code = Show a code
whoever-points-a-phone-at = Whoever points a phone at it within { $minutes } minutes comes in, once, and takes a PIN of their own. Or by this address:
what-happened-at-the-door = What happened at the door
from-4 = , from { $where }

## PersonForm

reaches-by-hand = Reaches by hand
with-a-pole-2 = With a pole
may-carry = May carry, { $which }
cannot-read-this-type-15 = Cannot read this; type 15
hours-a-week-for-the = Hours a week for the trees
cannot-read-this-type-24 = Cannot read this; type 24
works = Works
may = May
keep-it = Keep it
put-on-the-list = Put on the list

## WhoseWork

whose-work = Whose work
whose-work-it-is = Whose work it is
as-its-block-says = as its block says
nobody-named-2 = nobody named
put-somebody-on-the-list = Put somebody on the list
