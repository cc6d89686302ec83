## Dicho en varios sitios

help = Ayuda
what-is-known = Lo que se sabe

## HelpPage

first-steps = Primeros pasos
words-of-the-trade = Palabras del oficio
which-word = Qué palabra
which-word-2 = qué palabra
that-word-is-not-among = Esa palabra no está entre ellas.
guide = Guía
the-guide = La guía
each-page-has-more-of = Cada página tiene las suyas; pulse ? en ella.
say-where-your-trees-stand = Diga dónde están sus árboles y qué son.
today-says-what-is-due = Hoy dice qué toca, qué va atrasado y qué viene después.
open-a-tree-may-i = Abra un árbol: si puede cortar hoy, cuánto, y qué cuesta.
look-at-it-one-question = Mírelo: una pregunta cada vez, y qué hacer con ello.
plan-the-cuts-print-the = Planee los cortes, imprima la hoja, llévela bajo el árbol.
what-was-done-stands-in = Lo hecho está en el libro; todo se puede deshacer.

## KnownPage

so-many-values = { $n ->
    [one] { $n } valor
   *[other] { $n } valores
}
every-number-a-verdict-rests = Cada número en que se apoya un veredicto: su unidad, lo que puede ponerse en su lugar y de dónde viene.
how-sure = Cómo de seguro
fetching = Buscando …
catalogue = Catálogo { $version }
lemon-frost-side-branch = lemon, frost, side branch …
to-5 = { $low } a { $high } { $unitOf }
known = sabido
what = Qué
value = Valor
may-be = Puede ser
others-say-2 = Otros dicen

## MorePage

units = Unidades
the-same-on-every-device = Las mismas en cada aparato, hoja, lista y calendario.
colours = Colores
colours-on-this-device = Colores en este aparato
data-out = Sacar los datos
as = { $name } como { $kind }
all-of-it-as-one = Todo en un paquete
metres-millimetres-c = Metros, milímetros, °C
feet-inches-f = Pies, pulgadas, °F
the-holding = La explotación
say-what-stands-there-or = diga lo que hay, o traiga una lista
climate-station-ways-of-working = clima, estación, maneras de trabajar, calendario
who-works-here-how-far = quién trabaja aquí, hasta dónde alcanza, de quién son las filas
heights-of-rows = Alturas de las filas
sun-on-the-walls-hedging = sol en las paredes, setos, maneras de renovar
before-a-cold-night-after = antes de una noche fría, después, y lo dañado
what-opens-without-signal-what = lo que se abre sin señal, lo que espera a ser enviado
trees-that-are-nobody-s = árboles de nadie: mirar, decidir, hablarlo
first-steps-words-of-the = primeros pasos, palabras del oficio, la guía, teclas
every-number-and-how-sure = cada número, y cómo de seguro es
the-log = El registro
what-is-due = Lo que toca
materials-of-the-months-ahead = Materiales de los próximos meses
as-geojson = { $name } como GeoJSON

## BackupsPart

backups = Copias de seguridad
backing-up = Haciendo la copia …
back-up-now = Hacer una copia ahora
in = En
on-the-computer-that-runs = en el ordenador que lleva Billhook.
one-is-kept = Se guarda una
are-kept = Se guardan { $kept }
the-newest-seven-one-of = Las siete más recientes, una de cada una de cuatro semanas y una de cada uno de doce meses. Para reponer una, pare Billhook allí y ejecute
with-the-file-what-stood = con el archivo; lo que había se guarda.

## SignedIn

signed-in = Con sesión abierta
what-waits-here-to-be = Lo que espera aquí a ser enviado se queda hasta que vuelva { $account }.
from-now-on-this-device = Desde ahora el bloqueo de este aparato le deja entrar.
come-in-by-this-device = Entrar con el bloqueo de este aparato
language-of-this-device = Idioma de este aparato
notes-stay-as-typed = Lo habla el teléfono u ordenador que mira; los demás eligen el suyo. Lo que alguien escribió queda como se escribió.
