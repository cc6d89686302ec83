## PhonePage

this-page-is-not-secure = Esta página não é segura, por isso o navegador não guarda páginas: uma aberta continua a funcionar sem rede, uma fechada não volta a abrir. Abra o Billhook pelo endereço seguro, que começa por https; o guia diz como se põe.
it-answers-now = Agora responde.
it-does-not-answer-now = Agora não responde.
billhook-s-pages-are-kept = As páginas do Billhook estão guardadas aqui. { $which } O que está na lista em baixo abre-se sem rede.
the-pages-are-not-kept = As páginas ainda não estão guardadas; deixe isto aberto um momento.
not-taken = Não aceite
enter-it-anew = Escrever de novo
nothing-all-that-was-entered = Nada; tudo o que se escreveu está com o Billhook.
nothing-is-taken-along-yet = Ainda não leva nada consigo. Abra uma linha no pomar,
and-take-it-along = , e leve-a consigo.
trees-as-of = { $trees } árvores, em { $day }
its-look-as-of = a vista dela, em { $day }
cut-sheet-of = Folha de cortes de { $day }
a-hurt-tree = Uma árvore ferida
after-the-frost-as-of = depois da geada, em { $today }
rows = Linhas
trees-to-look-at = Árvores a ver

## MendEntry

mend = Corrigir: { $item }
by-billhook-s-clock-it = Pelo relógio do Billhook é { $today }.
it = { $message }.
send-it-mended = Enviar corrigido
day-it-was = dia que foi

## OnAPhone

open-it-on-a-phone = Abri-lo num telefone
billhook-listens-to-this-machine = O Billhook só ouve este computador. Começado com
it-can-be-opened-from = pode abrir-se de um telefone da mesma rede; o guia diz como.
point-the-phone-s-camera = Aponte-lhe a câmara do telefone, ou escreva
the-page-is-secure-the = A página é segura: o telefone guarda as páginas e abre-as sem rede.
this-address-is-not-secure = Este endereço não é seguro, por isso um telefone não guarda páginas nem as abre sem rede; uma que fica aberta continua a funcionar. No computador que corre o Billhook faça um certificado com
and-start-it-again-this = e comece-o outra vez; então este código leva a uma página segura.
the-phone-says-the-page = O telefone diz que a página não é privada: que confie neste computador
open-2 = Abra
on-the-phone-it-takes = no telefone; recebe um certificado. Responde pelos nomes e endereços deste computador e por mais nada.
android-settings-security-encryption-and = Android: Definições, Segurança, Encriptação e credenciais, Instalar um certificado, Certificado de CA, e escolha o ficheiro.
iphone-settings-profile-downloaded-install = iPhone: Definições, Perfil descarregado, Instalar; depois Geral, Informações, Definições de certificados de confiança, e ligue-o.
open-billhook-again-names-of = Abra o Billhook outra vez. Os nomes das definições mudam de telefone para telefone.
