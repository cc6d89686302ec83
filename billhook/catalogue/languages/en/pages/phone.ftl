## PhonePage

this-page-is-not-secure = This page is not secure, so the browser keeps no pages: an open one goes on working without signal, a closed one does not open again. Open Billhook by its secure address, which starts with https; the guide says how to set it up.
it-answers-now = It answers now.
it-does-not-answer-now = It does not answer now.
billhook-s-pages-are-kept = Billhook’s pages are kept here. { $which } What is listed below opens without signal.
the-pages-are-not-kept = The pages are not kept yet; leave this open for a moment.
not-taken = Not taken
enter-it-anew = Enter it anew
nothing-all-that-was-entered = Nothing; all that was entered is with Billhook.
nothing-is-taken-along-yet = Nothing is taken along yet. Open a row from the grove,
and-take-it-along = , and take it along.
trees-as-of = { $trees } trees, as of { $day }
its-look-as-of = its look, as of { $day }
cut-sheet-of = Cut sheet of { $day }
a-hurt-tree = A hurt tree
after-the-frost-as-of = after the frost, as of { $today }
rows = Rows
trees-to-look-at = Trees to look at

## MendEntry

mend = Mend: { $item }
by-billhook-s-clock-it = By Billhook’s clock it is { $today }.
it = It { $message }.
send-it-mended = Send it mended
day-it-was = day it was

## OnAPhone

open-it-on-a-phone = Open it on a phone
billhook-listens-to-this-machine = Billhook listens to this machine alone. Started with
it-can-be-opened-from = it can be opened from a phone on the same network; the guide says how.
point-the-phone-s-camera = Point the phone’s camera at it, or type
the-page-is-secure-the = The page is secure: the phone keeps its pages and opens them without signal.
this-address-is-not-secure = This address is not secure, so a phone keeps no pages and opens none without signal; one that stays open goes on working. On the computer that runs Billhook make a certificate with
and-start-it-again-this = and start it again; this code then leads to a secure page.
the-phone-says-the-page = The phone says the page is not private: let it trust this computer
open-2 = Open
on-the-phone-it-takes = on the phone; it takes in a certificate. It vouches for the names and addresses of this computer and for nothing else.
android-settings-security-encryption-and = Android: Settings, Security, Encryption and credentials, Install a certificate, CA certificate, and pick the file.
iphone-settings-profile-downloaded-install = iPhone: Settings, Profile downloaded, Install; then General, About, Certificate trust settings, and switch it on.
open-billhook-again-names-of = Open Billhook again. Names of settings differ from phone to phone.
