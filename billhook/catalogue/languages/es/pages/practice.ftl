## Dicho en varios sitios

the-course = El curso

## LessonPage

walk-left = Rodear a la izquierda
walk-right = Rodear a la derecha
lesson-of = , lección { $n } de { $course }
years-old-tall-today-is = { $kindName }, { $ageYears } { $ageYears ->
    [one] año
   *[other] años
 }, { $height } de alto; { $climateName }. Hoy es { $day }.
its-room-is-high-from = Su sitio tiene { $wanted } de alto, desde la tierra de la maceta.
what-you-see = Lo que ve
touch-a-limb-in-the = Toque una rama en el dibujo, o una de estas, para mirarla.
nothing-about-it-asks-for = Nada en ella pide un corte.
mark-a-cut = Marcar un corte
before-a-cut-you-would = Antes de un corte miraría si hay
decide = Decidir
when = Cuándo
today-3 = hoy, { $day }
cut-so-and-talk-it = Cortar así, y hablarlo
leave-it-today-and-wait = Dejarlo hoy, y esperar
talk-it-over = Hablarlo
next-lesson = Lección siguiente
another-such-tree = Otro árbol así
height-a-ladder = altura, una escalera
a-power-line = una línea eléctrica
sap-that-burns = savia que quema

## PracticePage

trees-that-are-nobody-s-look = Árboles de nadie. Mire, decida y háblelo; no se anota nada y nada se puede romper.
the-course-of-right = El curso, { $right } de { $course } bien
five-minutes-each-in-the = Cinco minutos cada una, en el orden del trabajo. Se guarda en este aparato y se abre sin señal; lo que salió mal vuelve a los pocos días.
begin = Empezar
more-trees = Más árboles
another-tree-each-time-mark = Cada vez otro árbol. Marque sus propios cortes, o espere.
any = cualquiera
these-trees-and-their-stories = Estos árboles y sus historias son inventados. Bajo un árbol real mire antes si hay líneas, nidos y personas; deciden las normas locales y los profesionales autorizados.
again-from = otra vez desde el { $again }

## DebriefPanel

talked-over = Hablado
to-do-otherwise = Hacer de otro modo
as-a-good-practitioner-would = Como lo haría quien sabe
not-looked-for = No se miró: { $d }
more-3 = { $rest } más
over-seasons-on-this-very = En { $seasons } temporadas sobre este mismo árbol, nuestra estimación
plan = plan
taken = quitado
crops = cosechas
sprout-work = trabajo de brotes
years-to-make-good = { $years } { $years ->
    [one] año
   *[other] años
 } para reponerlo
what-you-did = Lo que usted hizo
right-from = Bien, desde el { $better }
right-today = Bien hoy
others = Otros: { $name }
the-plan-your-way = El plan, a su manera: { $name }
leaving-it-alone = Dejarlo en paz
the-same-cuts-the-same = los mismos cortes, el mismo día
no-cut = ningún corte
crops-2 = { $crop } cosechas

lesson-done = hecha
thorns = espinas
