## Said in several places

touch-the-lower-end-of = Touch the lower end of what it is measured by.
touch-its-upper-end = Touch its upper end.

## TracePage

traced-on-a-photo = Traced on a photo
the-tree-is-drawn = The tree is drawn
its-limbs-are-as-they = Its limbs are as they were touched. Cuts can be marked on the photo.
mark-cuts = Mark cuts
stand-level-with-the-trunk = Stand level with the trunk, far enough to have all of it in the picture, and put something upright of known length beside the trunk.
photo-of-arrow-keys-move = Photo of { $name }. { $asks } Arrow keys move the cross, Enter touches, plus and minus zoom, Z undoes.
how-the-picture-was-taken = How the picture was taken
or-how-thick-the-trunk = or how thick the trunk is
how-thick-the-trunk-is = How thick the trunk is
keep-this-drawing = Keep this drawing
picture-and-touches-stay-on = Picture and touches stay on this device until Billhook has them. Limbs that run straight toward or away from you cannot be measured on one picture.
another-picture = Another picture
touch-the-foot-of-the = Touch the foot of the trunk, where it meets the ground.
touch-the-top-of-the = Touch the top of the tree.
touch-both-sides-of-the = Touch both sides of the trunk, above the union and below the first branch.
touch-where-a-limb-starts = Touch where a limb starts, then its tip.
touch-the-tip-of-this = Touch the tip of this limb.
touch-both-sides-of-this = Touch both sides of this limb, near its base.
touch-its-other-side = Touch its other side.

## LimbRow

limb = Limb { $nth }
of-the-leaf-traced = { $share } of the leaf traced
to-13 = , { $low } to { $high } %
how-thick = how thick?
its-tip-next = its tip next
how-thick-at-its-base = How thick at its base
how-thick-limb-is-at = How thick limb { $nth } is at its base
which-way-it-runs = Which way it runs
which-way-limb-runs = Which way limb { $nth } runs
by-compass = by compass
direction-it-runs = Direction it runs
take-this-limb-out = Take this limb out

## PhotoPick

trace-on-the-photo-of = Trace on the photo of { $day }
take-a-photo = Take a photo
choose-a-picture = Choose a picture

## PictureFacts

measured-by-upright-beside-the = Measured by, upright beside the trunk
measured-by = Measured by
how-far-off-you-stood = How far off you stood
from-which-side-it-was = From which side it was taken
a-staff-or-pole = a staff or pole
how-long-it-is = How long it is
a-person = a person
how-tall-they-are = How tall they are
the-tree-itself = the tree itself
how-tall-the-tree-is = How tall the tree is

## SecondPicture

a-second-picture-if-you = A second picture, if you want
from-another-side-about-a = From another side, about a quarter round: what runs toward you or away is then measured too.
second-photo-of = Second photo of { $name }. { $asks }
not-to-be-seen = Not to be seen
undo-on-this-picture = Undo on this picture
leave-the-second-picture = Leave the second picture
on-this-picture-touch-the = On this picture, touch the foot of the trunk.
touch-the-tip-of-limb = Touch the tip of limb { $nth }.
every-tip-is-touched = Every tip is touched.

## ThickPick

touch-across-it = touch across it

## useTrace

a-photo-of-2 = A photo of { $name }
the-limbs-of-traced = The limbs of { $name }, traced
