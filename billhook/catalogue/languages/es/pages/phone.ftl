## PhonePage

this-page-is-not-secure = Esta página no es segura, así que el navegador no guarda páginas: una abierta sigue funcionando sin señal, una cerrada no vuelve a abrirse. Abra Billhook por su dirección segura, que empieza por https; la guía dice cómo se pone.
it-answers-now = Ahora responde.
it-does-not-answer-now = Ahora no responde.
billhook-s-pages-are-kept = Las páginas de Billhook están guardadas aquí. { $which } Lo de la lista de abajo se abre sin señal.
the-pages-are-not-kept = Las páginas no están guardadas todavía; deje esto abierto un momento.
not-taken = No aceptado
enter-it-anew = Escribirlo de nuevo
nothing-all-that-was-entered = Nada; todo lo escrito está con Billhook.
nothing-is-taken-along-yet = Todavía no lleva nada consigo. Abra una fila desde la huerta,
and-take-it-along = , y llévela consigo.
trees-as-of = { $trees } árboles, al { $day }
its-look-as-of = su mirada, al { $day }
cut-sheet-of = Hoja de cortes del { $day }
a-hurt-tree = Un árbol dañado
after-the-frost-as-of = después de la helada, al { $today }
rows = Filas
trees-to-look-at = Árboles que mirar

## MendEntry

mend = Corregir: { $item }
by-billhook-s-clock-it = Por el reloj de Billhook es { $today }.
it = { $message }.
send-it-mended = Enviarlo corregido
day-it-was = día que fue

## OnAPhone

open-it-on-a-phone = Abrirlo en un teléfono
billhook-listens-to-this-machine = Billhook solo escucha a este ordenador. Arrancado con
it-can-be-opened-from = se puede abrir desde un teléfono de la misma red; la guía dice cómo.
point-the-phone-s-camera = Apunte la cámara del teléfono hacia él, o escriba
the-page-is-secure-the = La página es segura: el teléfono guarda sus páginas y las abre sin señal.
this-address-is-not-secure = Esta dirección no es segura, así que un teléfono no guarda páginas ni las abre sin señal; una que sigue abierta sigue funcionando. En el ordenador que lleva Billhook haga un certificado con
and-start-it-again-this = y arránquelo otra vez; entonces este código lleva a una página segura.
the-phone-says-the-page = El teléfono dice que la página no es privada: que confíe en este ordenador
open-2 = Abra
on-the-phone-it-takes = en el teléfono; recibe un certificado. Responde de los nombres y direcciones de este ordenador y de nada más.
android-settings-security-encryption-and = Android: Ajustes, Seguridad, Cifrado y credenciales, Instalar un certificado, Certificado de CA, y elija el archivo.
iphone-settings-profile-downloaded-install = iPhone: Ajustes, Perfil descargado, Instalar; luego General, Información, Ajustes de confianza de los certificados, y actívelo.
open-billhook-again-names-of = Abra Billhook otra vez. Los nombres de los ajustes cambian de un teléfono a otro.
