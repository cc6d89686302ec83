## SheetPage

fetching-the-sheet = A buscar a folha …
cut-sheet = Folha de cortes, { $day }
language-and-paper = Língua e papel
print-pdf = Imprimir (PDF)
who-cuts = Quem corta
of-done = { $done } de { $lines } feitos
another-limb-that-was-cut = Outra pernada que se cortou
one-that-is-not-in = uma que não está no desenho
how-it-was-cut = Como se cortou
so-much-of-it-stays = O que fica dela
add-to-the-sheet = Juntar à folha
small-ones-that-are-not = As pequenas que não estão no desenho contam-se ao terminar a folha.
take-care = Cuidado
a4-2 = { $name }, A4
letter-2 = { $name }, Carta

## SheetFinish

cut-besides-not-in-the = Outros cortes, que não estão no desenho{ $besides }
minutes-it-took = Minutos que levou
about-3 = cerca de { $count }
what-was-ticked-waits-to = O que se marcou está à espera de ser enviado; termine quando o Billhook voltar a responder.
finishing-takes-what-is-ticked = Ao terminar, o que está marcado sai do desenho da árvore, escreve-se no registo e marcam-se os dias de voltar.
what-comes-after = O que vem depois
finished = Terminada
come-back = Voltar:
see-the-tree-and-its = Ver a árvore e o seu registo
finishing = A terminar …
finish-with-of-cuts = Terminar com { $done } de { $all } cortes
finish = Terminar

## SheetLine

wound-in-the-hand-lift = ferida { $wound }, { $share }, { $hand } na mão (conte com { $lift })
closes-in-about-years = , fecha em cerca de { $count } anos
not-planned-added-under-the = não planeado, junto debaixo da árvore
not-done = não feito: { $left }
by-3 = por { $doneBy }
measured-3 = , medido { $done }
done-3 = feito{ $doneOn }{ $doneBy }{ $done }
measured-diameter-of-cut = Diâmetro medido do corte { $nth }
cut-done = Corte { $nth } feito
not-done-2 = Não feito …
why-cut-was-not-made = Porque não se fez o corte { $nth }
a-nest-in-it = tem um ninho
keep-the-reason = Guardar o motivo

## useSheet

on-4 = { $says } em { $tree }
cut-taken-back = corte { $nth } desfeito
cut-done-2 = corte { $nth } feito
cut-not-done = corte { $nth } não feito
taken-off-2 = tirada
shortened-2 = encurtada
