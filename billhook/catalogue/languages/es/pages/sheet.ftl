## SheetPage

fetching-the-sheet = Buscando la hoja …
cut-sheet = Hoja de cortes, { $day }
language-and-paper = Idioma y papel
print-pdf = Imprimir (PDF)
who-cuts = Quién corta
of-done = { $done } de { $lines } hechos
another-limb-that-was-cut = Otra rama que se cortó
one-that-is-not-in = una que no está en el dibujo
how-it-was-cut = Cómo se cortó
so-much-of-it-stays = Lo que queda de ella
add-to-the-sheet = Añadir a la hoja
small-ones-that-are-not = Las pequeñas que no están en el dibujo se cuentan al terminar la hoja.
take-care = Cuidado
a4-2 = { $name }, A4
letter-2 = { $name }, Carta

## SheetFinish

cut-besides-not-in-the = Otros cortes, que no están en el dibujo{ $besides }
minutes-it-took = Minutos que llevó
about-3 = cerca de { $count }
what-was-ticked-waits-to = Lo marcado espera a ser enviado; termine cuando Billhook responda otra vez.
finishing-takes-what-is-ticked = Al terminar, lo marcado se quita del árbol dibujado, se escribe en el registro y se fijan los días de volver.
what-comes-after = Lo que viene después
finished = Terminada
come-back = Volver:
see-the-tree-and-its = Ver el árbol y su registro
finishing = Terminando …
finish-with-of-cuts = Terminar con { $done } de { $all } cortes
finish = Terminar

## SheetLine

wound-in-the-hand-lift = herida { $wound }, { $share }, { $hand } en la mano (prepárese para { $lift })
closes-in-about-years = , cierra en unos { $count } años
not-planned-added-under-the = no planeado, añadido bajo el árbol
not-done = no hecho: { $left }
by-3 = por { $doneBy }
measured-3 = , medido { $done }
done-3 = hecho{ $doneOn }{ $doneBy }{ $done }
measured-diameter-of-cut = Diámetro medido del corte { $nth }
cut-done = Corte { $nth } hecho
not-done-2 = No hecho …
why-cut-was-not-made = Por qué no se hizo el corte { $nth }
a-nest-in-it = hay un nido
keep-the-reason = Guardar el motivo

## useSheet

on-4 = { $says } en { $tree }
cut-taken-back = corte { $nth } deshecho
cut-done-2 = corte { $nth } hecho
cut-not-done = corte { $nth } no hecho
taken-off-2 = quitada
shortened-2 = acortada
