<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es" sourcelanguage="en">
 <context>
  <name>window</name>
  <message>
   <source> Did you mean “{names}” or “{last}”?</source>
   <translation> ¿Quería decir «{names}» o «{last}»?</translation>
  </message>
  <message>
   <source> Did you mean “{word}”?</source>
   <translation> ¿Quería decir «{word}»?</translation>
  </message>
  <message>
   <source> Forms are {names}.</source>
   <translation> Las formas son {names}.</translation>
  </message>
  <message>
   <source> It is kept as it was in {name}.</source>
   <translation> Se conserva como estaba en {name}.</translation>
  </message>
  <message>
   <source> Separate names by commas, or go on with across, among, as or with.</source>
   <translation> Separe los nombres con comas, o siga con across, among, as o with.</translation>
  </message>
  <message>
   <source> and {n:,} more</source>
   <translation> y {n:,} más</translation>
  </message>
  <message>
   <source> · weighted</source>
   <translation> · ponderado</translation>
  </message>
  <message numerus="yes">
   <source> · {n:,} [zero|zeros]</source>
   <translation>
    <numerusform> · {n:,} cero</numerusform>
    <numerusform> · {n:,} ceros</numerusform>
   </translation>
  </message>
  <message>
   <source>(near {where}): one mean hides them.</source>
   <translation>(cerca de {where}): una sola media las oculta.</translation>
  </message>
  <message>
   <source>*d* of changes</source>
   <translation>*d* de los cambios</translation>
  </message>
  <message>
   <source>*p* adjusted</source>
   <translation>*p* ajustado</translation>
  </message>
  <message>
   <source>+ condition</source>
   <translation>+ condición</translation>
  </message>
  <message>
   <source>+ heading</source>
   <translation>+ título</translation>
  </message>
  <message>
   <source>+ paragraph</source>
   <translation>+ párrafo</translation>
  </message>
  <message>
   <source>, {n:,} made here</source>
   <translation>, {n:,} creadas aquí</translation>
  </message>
  <message>
   <source>1 case</source>
   <translation>1 caso</translation>
  </message>
  <message>
   <source>1.5 IQR</source>
   <translation>1,5 RIC</translation>
  </message>
  <message>
   <source>3 IQR</source>
   <translation>3 RIC</translation>
  </message>
  <message>
   <source>5th and 95th percentile</source>
   <translation>percentiles 5 y 95</translation>
  </message>
  <message>
   <source>A .{ending} file holds one figure; name one sentence, or choose .docx or .html.</source>
   <translation>Un archivo .{ending} contiene una sola figura; dé una sola frase, o elija .docx o .html.</translation>
  </message>
  <message>
   <source>A bar of a histogram needs both limits of its class; “below” and “above” are for count.</source>
   <translation>Una barra de histograma necesita los dos límites de su clase; «below» y «above» son para count.</translation>
  </message>
  <message>
   <source>A class width is above 0; {width:g} is not.</source>
   <translation>La anchura de una clase es mayor que 0; {width:g} no lo es.</translation>
  </message>
  <message>
   <source>A class width of {width:g} makes {count:,.0f} classes; at most {most_classes:,} are drawn.</source>
   <translation>Una anchura de {width:g} da {count:,.0f} clases; se dibujan como mucho {most_classes:,}.</translation>
  </message>
  <message>
   <source>A codebook cannot be written as “{ending}”.{hint} Its name can end in {known}.</source>
   <translation>Un diccionario no puede escribirse como «{ending}».{hint} Su nombre puede acabar en {known}.</translation>
  </message>
  <message>
   <source>A combination (×) is counted by itself; “against” takes variables one by one.</source>
   <translation>Una combinación (×) se cuenta sola; «against» toma variables una a una.</translation>
  </message>
  <message>
   <source>A condition cannot stand where a value is needed; join conditions with and, or.</source>
   <translation>Una condición no puede estar donde hace falta un valor; una condiciones con and, or.</translation>
  </message>
  <message>
   <source>A condition needs a comparison, for example age &gt;= 18.</source>
   <translation>Una condición necesita una comparación, por ejemplo age &gt;= 18.</translation>
  </message>
  <message>
   <source>A derived variable needs a name.</source>
   <translation>Una variable derivada necesita un nombre.</translation>
  </message>
  <message>
   <source>A figure as {form} can be arranged {listed_words}; “{said}” is for others.</source>
   <translation>Una figura {form} puede disponerse {listed_words}; «{said}» es para otras.</translation>
  </message>
  <message>
   <source>A folder for the exhibits</source>
   <translation>Una carpeta para los elementos</translation>
  </message>
  <message>
   <source>A folder with a file for each exhibit…</source>
   <translation>Una carpeta con un archivo por elemento…</translation>
  </message>
  <message>
   <source>A grid of planes shows one group; leave the groups out, or limit the cases after “among”.</source>
   <translation>Una cuadrícula de planos muestra un grupo; quite los grupos, o limite los casos tras «among».</translation>
  </message>
  <message>
   <source>A grid takes {low} to {high} numeric variables; these are {number}.</source>
   <translation>Una cuadrícula toma de {low} a {high} variables numéricas; estas son {number}.</translation>
  </message>
  <message>
   <source>A grid tells {most_groups} groups apart; these are {groups}. Name fewer, or limit the cases.</source>
   <translation>Una cuadrícula distingue {most_groups} grupos; estos son {groups}. Nombre menos, o limite los casos.</translation>
  </message>
  <message>
   <source>A guess:</source>
   <translation>Una suposición:</translation>
  </message>
  <message>
   <source>A guess: {words}</source>
   <translation>Una suposición: {words}</translation>
  </message>
  <message>
   <source>A heat map of counts needs two variables; name the other one after “against”.</source>
   <translation>Un mapa de calor de recuentos necesita dos variables; nombre la otra tras «against».</translation>
  </message>
  <message>
   <source>A line for each person, and the means.</source>
   <translation>Una línea por persona, y las medias.</translation>
  </message>
  <message>
   <source>A line holds {most_points:,} points; take means with per = month, or limit the cases.</source>
   <translation>Una línea admite {most_points:,} puntos; tome medias con per = month, o limite los casos.</translation>
  </message>
  <message>
   <source>A line runs over one grouping, or two that are crossed; name what it runs over after “across”.</source>
   <translation>Una línea recorre una agrupación, o dos cruzadas; nombre tras «across» lo que recorre.</translation>
  </message>
  <message>
   <source>A line takes time first, then what is drawn over it.</source>
   <translation>Una línea toma primero el tiempo, luego lo que se dibuja sobre él.</translation>
  </message>
  <message>
   <source>A logarithmic axis begins above 0; {low:g} is not.</source>
   <translation>Un eje logarítmico empieza por encima de 0; {low:g} no lo está.</translation>
  </message>
  <message>
   <source>A missing map shows all cases together; leave the groups out, or limit the cases after “among”.</source>
   <translation>Un mapa de perdidos muestra todos los casos juntos; quite los grupos, o limite los casos tras «among».</translation>
  </message>
  <message>
   <source>A norm is not drawn as {form}; choose {names}.</source>
   <translation>Una norma no se dibuja como {form}; elija {names}.</translation>
  </message>
  <message>
   <source>A package for an archive</source>
   <translation>Un paquete para un archivo</translation>
  </message>
  <message>
   <source>A package for an archive: data, codebook, exhibits…</source>
   <translation>Un paquete para un archivo: datos, diccionario, elementos…</translation>
  </message>
  <message>
   <source>A paragraph</source>
   <translation>Un párrafo</translation>
  </message>
  <message>
   <source>A person has two rows on one occasion of “{names}”; mend that first.</source>
   <translation>Una persona tiene dos filas en una ocasión de «{names}»; arregle eso primero.</translation>
  </message>
  <message>
   <source>A questionnaire</source>
   <translation>Un cuestionario</translation>
  </message>
  <message>
   <source>A range of variables stands only inside a function such as mean( ).</source>
   <translation>Una serie de variables solo va dentro de una función como mean( ).</translation>
  </message>
  <message>
   <source>A row is an occasion of a person, or it stands for several cases; it cannot be both.</source>
   <translation>Una fila es una ocasión de una persona, o representa varios casos; no ambas cosas.</translation>
  </message>
  <message>
   <source>A row stands for several cases that were counted, or a sample weighs it; it cannot be both.</source>
   <translation>Una fila representa varios casos contados, o una muestra la pondera; no ambas cosas.</translation>
  </message>
  <message>
   <source>A scale has two items or more; name another one.</source>
   <translation>Una escala tiene dos ítems o más; nombre otro.</translation>
  </message>
  <message>
   <source>A scatter over dates takes a date and one numeric variable, and nothing besides.</source>
   <translation>Un diagrama de dispersión sobre fechas toma una fecha y una variable numérica, y nada más.</translation>
  </message>
  <message>
   <source>A scatter takes two numeric variables; three or more make a grid.</source>
   <translation>Un diagrama de dispersión toma dos variables numéricas; tres o más hacen una cuadrícula.</translation>
  </message>
  <message>
   <source>A sentence begins with {names} or {last}.</source>
   <translation>Una frase empieza con {names} o {last}.</translation>
  </message>
  <message>
   <source>A source of the study cannot be understood.</source>
   <translation>Una fuente del estudio no se entiende.</translation>
  </message>
  <message>
   <source>A table cannot be written as .{ending}; {others}.</source>
   <translation>Una tabla no puede escribirse como .{ending}; {others}.</translation>
  </message>
  <message>
   <source>A table with categories has its groups side by side; leave layout out.</source>
   <translation>Una tabla con categorías tiene sus grupos lado a lado; quite layout.</translation>
  </message>
  <message>
   <source>A template</source>
   <translation>Una plantilla</translation>
  </message>
  <message>
   <source>A test against expected shares is not defined under weights; add “with unweighted”.</source>
   <translation>Una prueba frente a proporciones esperadas no está definida con pesos; añada «with unweighted».</translation>
  </message>
  <message>
   <source>A text gives a {name} without saying how far the values spread.</source>
   <translation>Un texto da {name} sin decir cuánto se dispersan los valores.</translation>
  </message>
  <message>
   <source>A text gives p without the statistic that it belongs to.</source>
   <translation>Un texto da p sin el estadístico al que pertenece.</translation>
  </message>
  <message>
   <source>A text mentions {label}, which is not in the manuscript.</source>
   <translation>Un texto menciona {label}, que no está en el manuscrito.</translation>
  </message>
  <message>
   <source>A text quotes p without the statistic that it belongs to.</source>
   <translation>Un texto cita p sin el estadístico al que pertenece.</translation>
  </message>
  <message>
   <source>A text refers to an exhibit that is not in the manuscript.</source>
   <translation>Un texto remite a un elemento que no está en el manuscrito.</translation>
  </message>
  <message>
   <source>A text speaks of significance; no test stands by it.</source>
   <translation>Un texto habla de significación; no hay prueba junto a él.</translation>
  </message>
  <message>
   <source>A variable cannot be made from itself: {steps}.</source>
   <translation>Una variable no puede formarse de sí misma: {steps}.</translation>
  </message>
  <message>
   <source>A variable has one role for the rows; name another one for the second.</source>
   <translation>Una variable tiene un solo papel para las filas; nombre otra para el segundo.</translation>
  </message>
  <message>
   <source>Accept every number as it is now</source>
   <translation>Aceptar todos los números como están ahora</translation>
  </message>
  <message>
   <source>Add a heading to the manuscript</source>
   <translation>Añadir un título al manuscrito</translation>
  </message>
  <message>
   <source>Add a paragraph to the manuscript</source>
   <translation>Añadir un párrafo al manuscrito</translation>
  </message>
  <message>
   <source>Add data…</source>
   <translation>Añadir datos…</translation>
  </message>
  <message>
   <source>Add how much the groups differ: “with difference”.</source>
   <translation>Añada cuánto difieren los grupos: «with difference».</translation>
  </message>
  <message>
   <source>Add the reproducibility appendix</source>
   <translation>Añadir el apéndice de reproducibilidad</translation>
  </message>
  <message>
   <source>Adjusted residuals</source>
   <translation>Residuos ajustados</translation>
  </message>
  <message>
   <source>After the comma comes another name.</source>
   <translation>Tras la coma viene otro nombre.</translation>
  </message>
  <message>
   <source>After the equals sign comes a value.</source>
   <translation>Tras el signo igual viene un valor.</translation>
  </message>
  <message>
   <source>After “across” comes the variable that makes the groups.</source>
   <translation>Tras «across» viene la variable que forma los grupos.</translation>
  </message>
  <message>
   <source>After “against” come variables, or one number, or shares in braces.</source>
   <translation>Tras «against» vienen variables, o un número, o proporciones entre llaves.</translation>
  </message>
  <message>
   <source>After “against” comes a variable.</source>
   <translation>Tras «against» viene una variable.</translation>
  </message>
  <message>
   <source>After “among” comes a condition, for example age &gt;= 18.</source>
   <translation>Tras «among» viene una condición, por ejemplo age &gt;= 18.</translation>
  </message>
  <message>
   <source>After “as” comes a form: {names}.</source>
   <translation>Tras «as» viene una forma: {names}.</translation>
  </message>
  <message>
   <source>After “given” come the variables that are taken out.</source>
   <translation>Tras «given» vienen las variables que se descuentan.</translation>
  </message>
  <message>
   <source>After “with” comes a statistic or a setting, for example mean, sd or bins = 20.</source>
   <translation>Tras «with» viene un estadístico o un ajuste, por ejemplo mean, sd o bins = 20.</translation>
  </message>
  <message>
   <source>After “{last}” come the variables, separated by commas.</source>
   <translation>Tras «{last}» vienen las variables, separadas por comas.</translation>
  </message>
  <message>
   <source>Agreement</source>
   <translation>Acuerdo</translation>
  </message>
  <message>
   <source>All cases in use again</source>
   <translation>Volver a usar todos los casos</translation>
  </message>
  <message>
   <source>All files (*)</source>
   <translation>Todos los archivos (*)</translation>
  </message>
  <message>
   <source>All files are as they were when they were read.</source>
   <translation>Todos los archivos están como cuando se leyeron.</translation>
  </message>
  <message>
   <source>All keys</source>
   <translation>Todas las teclas</translation>
  </message>
  <message>
   <source>All values of “{name}” are equal ({values:g}), so there is no {form} to draw.</source>
   <translation>Todos los valores de «{name}» son iguales ({values:g}), así que no hay nada que dibujar como {form}.</translation>
  </message>
  <message>
   <source>Alpha</source>
   <translation>Alfa</translation>
  </message>
  <message>
   <source>An action, a variable, a value, a finding, or a whole sentence</source>
   <translation>Una acción, una variable, un valor, un hallazgo o una frase entera</translation>
  </message>
  <message>
   <source>An intake cannot be written as “.{ending}”.{hint} It can be {known}.</source>
   <translation>Una entrada no puede escribirse como «.{ending}».{hint} Puede ser {known}.</translation>
  </message>
  <message>
   <source>An occasion tells the rows of a person apart; say who the person is, too.</source>
   <translation>Una ocasión distingue las filas de una persona; diga también quién es la persona.</translation>
  </message>
  <message>
   <source>And {n:,} more like it.</source>
   <translation>Y {n:,} más de ese tipo.</translation>
  </message>
  <message>
   <source>Answers are set beside one grouping: “across” or “against”; leave one of them out.</source>
   <translation>Las respuestas se ponen junto a una agrupación: «across» o «against»; quite una de las dos.</translation>
  </message>
  <message>
   <source>Answers of which a case can give several do not fit {shape}; set them as table or bars.</source>
   <translation>Respuestas de las que un caso puede dar varias no caben en {shape}; póngalas como table o bars.</translation>
  </message>
  <message>
   <source>Answers stand in columns where they are counted: begin with count.</source>
   <translation>Las respuestas están en columnas donde se cuentan: empiece con count.</translation>
  </message>
  <message>
   <source>Arranged</source>
   <translation>Disposición</translation>
  </message>
  <message>
   <source>At a glance</source>
   <translation>De un vistazo</translation>
  </message>
  <message>
   <source>Back to back stand two groups; there are others here.</source>
   <translation>Espalda con espalda van dos grupos; aquí hay otros.</translation>
  </message>
  <message>
   <source>Band</source>
   <translation>Banda</translation>
  </message>
  <message>
   <source>Bands from these cuts → {target}</source>
   <translation>Clases según estos cortes → {target}</translation>
  </message>
  <message>
   <source>Bandwidth</source>
   <translation>Ancho de banda</translation>
  </message>
  <message>
   <source>Bandwidth by</source>
   <translation>Ancho de banda según</translation>
  </message>
  <message>
   <source>Bandwidth ×</source>
   <translation>Ancho de banda ×</translation>
  </message>
  <message>
   <source>Bars of categories have no density; choose count, percent or proportion.</source>
   <translation>Las barras de categorías no tienen densidad; elija count, percent o proportion.</translation>
  </message>
  <message>
   <source>Begin a new study</source>
   <translation>Empezar un estudio nuevo</translation>
  </message>
  <message>
   <source>Belongs to this study; Save as… makes a file for others.</source>
   <translation>Pertenece a este estudio; «Guardar como…» hace un archivo para otros.</translation>
  </message>
  <message>
   <source>Below the table was left out: {words}.</source>
   <translation>Debajo de la tabla se dejó fuera: {words}.</translation>
  </message>
  <message>
   <source>Below zero</source>
   <translation>Por debajo de cero</translation>
  </message>
  <message>
   <source>Bench</source>
   <translation>Mesa</translation>
  </message>
  <message>
   <source>Benjamini–Hochberg</source>
   <translation>Benjamini–Hochberg</translation>
  </message>
  <message>
   <source>Between persons</source>
   <translation>Entre personas</translation>
  </message>
  <message>
   <source>Between the limits: {text}</source>
   <translation>Entre los límites: {text}</translation>
  </message>
  <message>
   <source>Binary</source>
   <translation>Binaria</translation>
  </message>
  <message>
   <source>Bounds</source>
   <translation>Cotas</translation>
  </message>
  <message>
   <source>CI</source>
   <translation>IC</translation>
  </message>
  <message>
   <source>CI of Mdn</source>
   <translation>IC de la Mdn</translation>
  </message>
  <message>
   <source>CV</source>
   <translation>CV</translation>
  </message>
  <message>
   <source>Cases</source>
   <translation>Casos</translation>
  </message>
  <message>
   <source>Cases are chosen after “among”: describe age among age &gt;= 18.</source>
   <translation>Los casos se eligen después de “among”: describe age among age &gt;= 18.</translation>
  </message>
  <message>
   <source>Cases part only once on their way; write “× {text}”, or leave “{text}” out.</source>
   <translation>Los casos se separan una sola vez en su camino; escriba «× {text}», o quite «{text}».</translation>
  </message>
  <message>
   <source>Change this</source>
   <translation>Cambiar esto</translation>
  </message>
  <message>
   <source>Chapter</source>
   <translation>Capítulo</translation>
  </message>
  <message>
   <source>Chapter of the handbook</source>
   <translation>Capítulo del manual</translation>
  </message>
  <message>
   <source>Choose first what to describe; then “by” makes the groups.</source>
   <translation>Elija primero qué describir; «by» forma después los grupos.</translation>
  </message>
  <message>
   <source>Choose the key: the variable that says which rows belong together.</source>
   <translation>Elija la clave: la variable que dice qué filas van juntas.</translation>
  </message>
  <message>
   <source>Cite the number under the pointer</source>
   <translation>Citar el número bajo el puntero</translation>
  </message>
  <message>
   <source>Class width</source>
   <translation>Anchura de clase</translation>
  </message>
  <message>
   <source>Classes by</source>
   <translation>Clases según</translation>
  </message>
  <message>
   <source>Classes closed</source>
   <translation>Clases cerradas</translation>
  </message>
  <message>
   <source>Classes of “{name}” have their own order; leave {setting} out.</source>
   <translation>Las clases de «{name}» tienen su propio orden; quite {setting}.</translation>
  </message>
  <message>
   <source>Click a number of the table: it opens and shows its working.</source>
   <translation>Haga clic en un número de la tabla: se abre y muestra su cálculo.</translation>
  </message>
  <message>
   <source>Click variables on the left, type a sentence above, or begin with one of these.</source>
   <translation>Haga clic en variables a la izquierda, escriba una frase arriba o empiece con una de estas.</translation>
  </message>
  <message>
   <source>Close Istrel</source>
   <translation>Cerrar Istrel</translation>
  </message>
  <message>
   <source>Close the handbook</source>
   <translation>Cerrar el manual</translation>
  </message>
  <message>
   <source>Clusters: {name}.</source>
   <translation>Conglomerados: {name}.</translation>
  </message>
  <message>
   <source>Codebook</source>
   <translation>Diccionario</translation>
  </message>
  <message>
   <source>Codebook of {name}</source>
   <translation>Diccionario de {name}</translation>
  </message>
  <message>
   <source>Coefficient</source>
   <translation>Coeficiente</translation>
  </message>
  <message>
   <source>Combinations</source>
   <translation>Combinaciones</translation>
  </message>
  <message>
   <source>Condition on cases</source>
   <translation>Condición sobre los casos</translation>
  </message>
  <message>
   <source>Confidence</source>
   <translation>Confianza</translation>
  </message>
  <message>
   <source>Continuous</source>
   <translation>Continua</translation>
  </message>
  <message>
   <source>Copy</source>
   <translation>Copiar</translation>
  </message>
  <message>
   <source>Copy and edit the house style</source>
   <translation>Copiar y editar el estilo editorial</translation>
  </message>
  <message>
   <source>Copy and edit this style</source>
   <translation>Copiar y editar este estilo</translation>
  </message>
  <message>
   <source>Copy the exhibit</source>
   <translation>Copiar el elemento</translation>
  </message>
  <message>
   <source>Corrections</source>
   <translation>Correcciones</translation>
  </message>
  <message>
   <source>Counsel: {words}</source>
   <translation>Consejo: {words}</translation>
  </message>
  <message>
   <source>Count</source>
   <translation>Recuento</translation>
  </message>
  <message>
   <source>Cronbach’s alpha of composites on the diagonal of the matrix</source>
   <translation>Alfa de Cronbach de los compuestos en la diagonal de la matriz</translation>
  </message>
  <message>
   <source>Cronbach’s α = {alpha}, n = {n:,}</source>
   <translation>α de Cronbach = {alpha}, n = {n:,}</translation>
  </message>
  <message>
   <source>Cumulative</source>
   <translation>Acumulado</translation>
  </message>
  <message>
   <source>Cumulative bars cannot be stacked; leave cumulative or the arrangement out.</source>
   <translation>Las barras acumuladas no pueden apilarse; quite cumulative o la disposición.</translation>
  </message>
  <message>
   <source>Cumulative percentages need the values in their own order; leave order and top out.</source>
   <translation>Los porcentajes acumulados necesitan los valores en su orden; quite order y top.</translation>
  </message>
  <message>
   <source>Curve</source>
   <translation>Curva</translation>
  </message>
  <message>
   <source>Data</source>
   <translation>Datos</translation>
  </message>
  <message>
   <source>Data and studies</source>
   <translation>Datos y estudios</translation>
  </message>
  <message>
   <source>Date</source>
   <translation>Fecha</translation>
  </message>
  <message>
   <source>Days between</source>
   <translation>Días entre ambos</translation>
  </message>
  <message>
   <source>Decimal mark</source>
   <translation>Signo decimal</translation>
  </message>
  <message>
   <source>Decimals</source>
   <translation>Decimales</translation>
  </message>
  <message>
   <source>Decimals of coefficients</source>
   <translation>Decimales de los coeficientes</translation>
  </message>
  <message>
   <source>Decimals of measures</source>
   <translation>Decimales de las medidas</translation>
  </message>
  <message>
   <source>Decimals of p</source>
   <translation>Decimales de p</translation>
  </message>
  <message>
   <source>Decimals of percentages</source>
   <translation>Decimales de los porcentajes</translation>
  </message>
  <message>
   <source>Decimals of test statistics</source>
   <translation>Decimales de los estadísticos de prueba</translation>
  </message>
  <message>
   <source>Deletion</source>
   <translation>Exclusión</translation>
  </message>
  <message>
   <source>Derive</source>
   <translation>Derivar</translation>
  </message>
  <message>
   <source>Derive a variable</source>
   <translation>Derivar una variable</translation>
  </message>
  <message>
   <source>Derive a variable: name = expression</source>
   <translation>Derivar una variable: nombre = expresión</translation>
  </message>
  <message>
   <source>Did it change? The comparison is made within persons.</source>
   <translation>¿Ha cambiado? La comparación se hace dentro de las personas.</translation>
  </message>
  <message>
   <source>Differences</source>
   <translation>Diferencias</translation>
  </message>
  <message>
   <source>Distinct</source>
   <translation>Distintos</translation>
  </message>
  <message>
   <source>Distribution</source>
   <translation>Distribución</translation>
  </message>
  <message>
   <source>Distribution with cuts</source>
   <translation>Distribución con cortes</translation>
  </message>
  <message>
   <source>Do the items hang together?</source>
   <translation>¿Van juntos los ítems?</translation>
  </message>
  <message>
   <source>Doane</source>
   <translation>Doane</translation>
  </message>
  <message>
   <source>Dots per inch</source>
   <translation>Puntos por pulgada</translation>
  </message>
  <message>
   <source>Drag the two limits.</source>
   <translation>Arrastre los dos límites.</translation>
  </message>
  <message>
   <source>Drop a data file or a study here, or open one.</source>
   <translation>Suelte aquí un archivo de datos o un estudio, o abra uno.</translation>
  </message>
  <message>
   <source>Drop a data file or a study here: delimited text, a workbook, Parquet, Arrow, JSON or SQLite; packed files, too.</source>
   <translation>Suelte aquí un archivo de datos o un estudio: texto delimitado, libro de cálculo, Parquet, Arrow, JSON o SQLite, también comprimido.</translation>
  </message>
  <message>
   <source>Each column is a variable, cases run from top to bottom in the order of the file; the darker, the more is missing.</source>
   <translation>Cada columna es una variable, los casos van de arriba abajo en el orden del archivo; cuanto más oscuro, más falta.</translation>
  </message>
  <message>
   <source>Each is made from {low:,} to {high:,} rows.</source>
   <translation>Cada una procede de {low:,} a {high:,} filas.</translation>
  </message>
  <message>
   <source>Each row is</source>
   <translation>Cada fila es</translation>
  </message>
  <message>
   <source>Each row is one</source>
   <translation>Cada fila corresponde a</translation>
  </message>
  <message>
   <source>Each row is one {one} of one {who}.</source>
   <translation>Cada fila es una {one} de una {who}.</translation>
  </message>
  <message>
   <source>Each row stands for as many cases as</source>
   <translation>Cada fila representa tantos casos como</translation>
  </message>
  <message>
   <source>Each row stands for as many cases as {name} says.</source>
   <translation>Cada fila representa tantos casos como indica {name}.</translation>
  </message>
  <message>
   <source>Each value has one expected share, and their sum is above 0.</source>
   <translation>Cada valor tiene una proporción esperada, y su suma es mayor que 0.</translation>
  </message>
  <message>
   <source>Edges</source>
   <translation>Bordes</translation>
  </message>
  <message>
   <source>Edges are two or more numbers in ascending order.</source>
   <translation>Los bordes son dos o más números en orden ascendente.</translation>
  </message>
  <message>
   <source>Eight</source>
   <translation>Ocho</translation>
  </message>
  <message>
   <source>Eleven</source>
   <translation>Once</translation>
  </message>
  <message>
   <source>Ends</source>
   <translation>Extremos</translation>
  </message>
  <message>
   <source>Ends across</source>
   <translation>Extremos a lo ancho</translation>
  </message>
  <message>
   <source>Ends upwards</source>
   <translation>Extremos a lo alto</translation>
  </message>
  <message>
   <source>English</source>
   <translation>inglés</translation>
  </message>
  <message>
   <source>Enlarge the proof</source>
   <translation>Ampliar la prueba</translation>
  </message>
  <message>
   <source>Everything Istrel can do</source>
   <translation>Todo lo que Istrel sabe hacer</translation>
  </message>
  <message>
   <source>Exchanged</source>
   <translation>Sustituido</translation>
  </message>
  <message>
   <source>Exhibit</source>
   <translation>Elemento</translation>
  </message>
  <message>
   <source>Expected counts</source>
   <translation>Frecuencias esperadas</translation>
  </message>
  <message>
   <source>Expected shares belong to the values of one variable; count one, value by value.</source>
   <translation>Las proporciones esperadas son de los valores de una variable; cuente una, valor por valor.</translation>
  </message>
  <message>
   <source>Expected shares stand in a table; leave “as {form}” out.</source>
   <translation>Las proporciones esperadas van en una tabla; quite «as {form}».</translation>
  </message>
  <message>
   <source>Explore the demo study</source>
   <translation>Explorar el estudio de ejemplo</translation>
  </message>
  <message>
   <source>Export a folder with a file for each exhibit…</source>
   <translation>Exportar una carpeta con un archivo por elemento…</translation>
  </message>
  <message>
   <source>Export manuscript</source>
   <translation>Exportar el manuscrito</translation>
  </message>
  <message>
   <source>Export manuscript ▾</source>
   <translation>Exportar el manuscrito ▾</translation>
  </message>
  <message>
   <source>Export the codebook…</source>
   <translation>Exportar el diccionario…</translation>
  </message>
  <message>
   <source>Export the manuscript…</source>
   <translation>Exportar el manuscrito…</translation>
  </message>
  <message>
   <source>Export ▾</source>
   <translation>Exportar ▾</translation>
  </message>
  <message>
   <source>Fences</source>
   <translation>Vallas</translation>
  </message>
  <message>
   <source>Figures</source>
   <translation>Figuras</translation>
  </message>
  <message>
   <source>Figures, pt</source>
   <translation>Figuras, pt</translation>
  </message>
  <message>
   <source>Filled</source>
   <translation>Relleno</translation>
  </message>
  <message>
   <source>Find</source>
   <translation>Buscar</translation>
  </message>
  <message>
   <source>Find a finding</source>
   <translation>Buscar un hallazgo</translation>
  </message>
  <message>
   <source>Find a value or a case number</source>
   <translation>Buscar un valor o un número</translation>
  </message>
  <message>
   <source>Find a variable</source>
   <translation>Buscar una variable</translation>
  </message>
  <message>
   <source>Find a variable  /</source>
   <translation>Buscar una variable  /</translation>
  </message>
  <message>
   <source>Find a variable for the condition</source>
   <translation>Buscar una variable para la condición</translation>
  </message>
  <message>
   <source>Find anything</source>
   <translation>Buscar todo</translation>
  </message>
  <message>
   <source>Find cases</source>
   <translation>Buscar casos</translation>
  </message>
  <message>
   <source>First</source>
   <translation>Primero</translation>
  </message>
  <message>
   <source>First and last rows</source>
   <translation>Primeras y últimas filas</translation>
  </message>
  <message>
   <source>First edge</source>
   <translation>Primer borde</translation>
  </message>
  <message>
   <source>First rows of the file</source>
   <translation>Primeras filas del archivo</translation>
  </message>
  <message>
   <source>First walks</source>
   <translation>Primeros recorridos</translation>
  </message>
  <message>
   <source>Five</source>
   <translation>Cinco</translation>
  </message>
  <message>
   <source>Font of documents</source>
   <translation>Letra de los documentos</translation>
  </message>
  <message>
   <source>Found sound: {parts}.</source>
   <translation>Hallado en orden: {parts}.</translation>
  </message>
  <message>
   <source>Four</source>
   <translation>Cuatro</translation>
  </message>
  <message>
   <source>Freedman–Diaconis</source>
   <translation>Freedman–Diaconis</translation>
  </message>
  <message>
   <source>French</source>
   <translation>francés</translation>
  </message>
  <message>
   <source>Frequencies stand in rows, or with layout = answers each variable has a row.</source>
   <translation>Las frecuencias están en filas, o con layout = answers cada variable tiene una fila.</translation>
  </message>
  <message>
   <source>Functions: {names}.</source>
   <translation>Funciones: {names}.</translation>
  </message>
  <message>
   <source>Gather</source>
   <translation>Reunir</translation>
  </message>
  <message>
   <source>Gathering needs a key, and what of which variable is wanted.</source>
   <translation>Para reunir hace falta una clave, y qué se quiere de qué variable.</translation>
  </message>
  <message>
   <source>German</source>
   <translation>alemán</translation>
  </message>
  <message>
   <source>Go on to the Bench: Ctrl+3.</source>
   <translation>Pase a la mesa: Ctrl+3.</translation>
  </message>
  <message>
   <source>Go on to the Codebook, or straight to the Bench.</source>
   <translation>Pase al diccionario, o directamente a la mesa.</translation>
  </message>
  <message>
   <source>Go on with</source>
   <translation>Continuar con</translation>
  </message>
  <message>
   <source>Go to Intake</source>
   <translation>Ir a la entrada</translation>
  </message>
  <message>
   <source>Go to the Bench and write the sentence</source>
   <translation>Ir a la mesa y escribir la frase</translation>
  </message>
  <message>
   <source>Go to the Bench: Ctrl+3.</source>
   <translation>Vaya a la mesa: Ctrl+3.</translation>
  </message>
  <message>
   <source>Go to the Codebook</source>
   <translation>Ir al diccionario</translation>
  </message>
  <message>
   <source>Go to the Manuscript</source>
   <translation>Ir al manuscrito</translation>
  </message>
  <message>
   <source>Go to the next number that moved</source>
   <translation>Ir al siguiente número que cambió</translation>
  </message>
  <message>
   <source>Goes with</source>
   <translation>Va con</translation>
  </message>
  <message>
   <source>Groups come after “across”: describe age across site.</source>
   <translation>Los grupos vienen tras «across»: describe age across site.</translation>
  </message>
  <message>
   <source>Handbook</source>
   <translation>Manual</translation>
  </message>
  <message>
   <source>Handbook, at what is under the hand</source>
   <translation>Manual, sobre lo que está a mano</translation>
  </message>
  <message>
   <source>Height, mm</source>
   <translation>Altura, mm</translation>
  </message>
  <message>
   <source>Heights</source>
   <translation>Alturas</translation>
  </message>
  <message>
   <source>Hide counts</source>
   <translation>Ocultar recuentos</translation>
  </message>
  <message>
   <source>Highest</source>
   <translation>Más altos</translation>
  </message>
  <message>
   <source>Histogram of {name}</source>
   <translation>Histograma de {name}</translation>
  </message>
  <message>
   <source>Holm</source>
   <translation>Holm</translation>
  </message>
  <message>
   <source>House style</source>
   <translation>Estilo editorial</translation>
  </message>
  <message>
   <source>How did people answer the twelve items? Write the sentence, or click it.</source>
   <translation>¿Cómo se respondió a los doce ítems? Escriba la frase, o haga clic en ella.</translation>
  </message>
  <message>
   <source>How it was read</source>
   <translation>Cómo se leyó</translation>
  </message>
  <message>
   <source>How measures go together</source>
   <translation>Cómo van juntas las medidas</translation>
  </message>
  <message>
   <source>How this number was computed</source>
   <translation>Cómo se calculó este número</translation>
  </message>
  <message>
   <source>How this source came to be is not known, so it cannot be made again.</source>
   <translation>No se sabe cómo surgió esta fuente; por eso no puede hacerse de nuevo.</translation>
  </message>
  <message>
   <source>ICC</source>
   <translation>ICC</translation>
  </message>
  <message>
   <source>IQR</source>
   <translation>RIC</translation>
  </message>
  <message>
   <source>Identifier</source>
   <translation>Identificador</translation>
  </message>
  <message>
   <source>In classes</source>
   <translation>En clases</translation>
  </message>
  <message>
   <source>In numbers</source>
   <translation>En cifras</translation>
  </message>
  <message>
   <source>In several columns:</source>
   <translation>En varias columnas:</translation>
  </message>
  <message>
   <source>In {place} {why}.</source>
   <translation>En {place}: {why}.</translation>
  </message>
  <message>
   <source>Intake</source>
   <translation>Entrada</translation>
  </message>
  <message>
   <source>Intake found answers that are codes, 9 or 99 or −9: click “treat … as missing” in one of its findings.</source>
   <translation>La entrada encontró respuestas que son códigos, 9 o 99 o −9: haga clic en «tratar … como perdido» en uno de sus hallazgos.</translation>
  </message>
  <message>
   <source>Interquartile range</source>
   <translation>Rango intercuartílico</translation>
  </message>
  <message>
   <source>Interval</source>
   <translation>Intervalo</translation>
  </message>
  <message>
   <source>Intervals</source>
   <translation>Intervalos</translation>
  </message>
  <message>
   <source>Into a template of your own…</source>
   <translation>En una plantilla propia…</translation>
  </message>
  <message>
   <source>Item</source>
   <translation>Ítem</translation>
  </message>
  <message>
   <source>Items of one scale: {name} ({items}).</source>
   <translation>Ítems de una misma escala: {name} ({items}).</translation>
  </message>
  <message>
   <source>Join by key</source>
   <translation>Unir por clave</translation>
  </message>
  <message>
   <source>Join, stack or reshape data…</source>
   <translation>Unir, apilar o reestructurar datos…</translation>
  </message>
  <message>
   <source>Join, stack, reshape…</source>
   <translation>Unir, apilar, reestructurar…</translation>
  </message>
  <message>
   <source>Joining takes two sources: add the other one first.</source>
   <translation>Para unir hacen falta dos fuentes: añada primero la otra.</translation>
  </message>
  <message>
   <source>Keep</source>
   <translation>Conservar</translation>
  </message>
  <message>
   <source>Keep as {label}   Ctrl ↵</source>
   <translation>Conservar {label}   Ctrl ↵</translation>
  </message>
  <message>
   <source>Keep it: Ctrl+Enter, or the button at the right.</source>
   <translation>Consérvela: Ctrl+Intro, o el botón de la derecha.</translation>
  </message>
  <message>
   <source>Keep the exhibit</source>
   <translation>Conservar el elemento</translation>
  </message>
  <message>
   <source>Kendall</source>
   <translation>Kendall</translation>
  </message>
  <message>
   <source>Keys</source>
   <translation>Teclas</translation>
  </message>
  <message>
   <source>Kurtosis (G2)</source>
   <translation>Curtosis (G2)</translation>
  </message>
  <message>
   <source>Label</source>
   <translation>Etiqueta</translation>
  </message>
  <message>
   <source>Label and unit</source>
   <translation>Etiqueta y unidad</translation>
  </message>
  <message>
   <source>Label in bold</source>
   <translation>Número en negrita</translation>
  </message>
  <message>
   <source>Language</source>
   <translation>Idioma</translation>
  </message>
  <message>
   <source>Language of the window: {words}</source>
   <translation>Idioma de la ventana: {words}</translation>
  </message>
  <message>
   <source>Language: {words}</source>
   <translation>Idioma: {words}</translation>
  </message>
  <message>
   <source>Largest</source>
   <translation>Mayor</translation>
  </message>
  <message>
   <source>Last</source>
   <translation>Último</translation>
  </message>
  <message>
   <source>Latin 9</source>
   <translation>Latín 9</translation>
  </message>
  <message>
   <source>Lay a codebook file over the variables…</source>
   <translation>Aplicar un archivo de diccionario a las variables…</translation>
  </message>
  <message>
   <source>Lay a codebook over the variables</source>
   <translation>Aplicar un diccionario a las variables</translation>
  </message>
  <message>
   <source>Layout</source>
   <translation>Composición</translation>
  </message>
  <message>
   <source>Least count</source>
   <translation>Recuento mínimo</translation>
  </message>
  <message>
   <source>Leave the walk</source>
   <translation>Dejar el recorrido</translation>
  </message>
  <message>
   <source>Left as it is</source>
   <translation>Dejado como está</translation>
  </message>
  <message numerus="yes">
   <source>Left out: {n:,} [row|rows] under the names, for programs alone.</source>
   <translation>
    <numerusform>Se dejó fuera {n:,} fila bajo los nombres, solo para programas.</numerusform>
    <numerusform>Se dejaron fuera {n:,} filas bajo los nombres, solo para programas.</numerusform>
   </translation>
  </message>
  <message>
   <source>Letter</source>
   <translation>Carta</translation>
  </message>
  <message>
   <source>Letters</source>
   <translation>Letras</translation>
  </message>
  <message>
   <source>Level</source>
   <translation>Nivel</translation>
  </message>
  <message>
   <source>Level of measurement: {level}</source>
   <translation>Nivel de medición: {level}</translation>
  </message>
  <message>
   <source>Limit the cases in use</source>
   <translation>Limitar los casos en uso</translation>
  </message>
  <message>
   <source>Limits between which values are wanted</source>
   <translation>Límites entre los que están los valores deseados</translation>
  </message>
  <message>
   <source>Limits of agreement are drawn of measured variables.</source>
   <translation>Los límites de acuerdo se dibujan de variables medidas.</translation>
  </message>
  <message>
   <source>Line</source>
   <translation>Línea</translation>
  </message>
  <message>
   <source>Load a house style</source>
   <translation>Cargar un estilo editorial</translation>
  </message>
  <message>
   <source>Load…</source>
   <translation>Cargar…</translation>
  </message>
  <message>
   <source>Logarithmic</source>
   <translation>Logarítmico</translation>
  </message>
  <message>
   <source>Long to wide</source>
   <translation>De largo a ancho</translation>
  </message>
  <message>
   <source>Long to wide needs a key, the variable that tells the rows apart, and the values to spread.</source>
   <translation>«De largo a ancho» pide una clave, la variable que distingue las filas y los valores que extender.</translation>
  </message>
  <message>
   <source>Look at data</source>
   <translation>Mirar datos</translation>
  </message>
  <message>
   <source>Look at data before opening…</source>
   <translation>Mirar datos antes de abrirlos…</translation>
  </message>
  <message>
   <source>Look of the desk: {words}</source>
   <translation>Aspecto del escritorio: {words}</translation>
  </message>
  <message>
   <source>Look, size, language ▾</source>
   <translation>Aspecto, tamaño, idioma ▾</translation>
  </message>
  <message>
   <source>Look: {words}</source>
   <translation>Aspecto: {words}</translation>
  </message>
  <message>
   <source>Looked at and found sound: {what}.</source>
   <translation>Revisado y en orden: {what}.</translation>
  </message>
  <message>
   <source>Looking through the file…</source>
   <translation>Examinando el archivo…</translation>
  </message>
  <message>
   <source>Lowest</source>
   <translation>Más bajos</translation>
  </message>
  <message>
   <source>Lowest and highest, with their rows</source>
   <translation>Más bajos y más altos, con sus filas</translation>
  </message>
  <message>
   <source>Lying</source>
   <translation>Tumbado</translation>
  </message>
  <message>
   <source>MAD</source>
   <translation>MAD</translation>
  </message>
  <message>
   <source>Made with Istrel {version}.</source>
   <translation>Hecho con Istrel {version}.</translation>
  </message>
  <message>
   <source>Main text</source>
   <translation>Texto principal</translation>
  </message>
  <message>
   <source>Manuscript</source>
   <translation>Manuscrito</translation>
  </message>
  <message>
   <source>Manuscript: {kept} kept  Ctrl+4</source>
   <translation>Manuscrito: {kept} conservados  Ctrl+4</translation>
  </message>
  <message>
   <source>Map of missing values</source>
   <translation>Mapa de valores perdidos</translation>
  </message>
  <message>
   <source>Margin note: {words}</source>
   <translation>Nota al margen: {words}</translation>
  </message>
  <message>
   <source>Margins above and below, mm</source>
   <translation>Márgenes superior e inferior, mm</translation>
  </message>
  <message>
   <source>Marked</source>
   <translation>Marcado</translation>
  </message>
  <message>
   <source>Marked as personal: its values are not shown.</source>
   <translation>Marcada como personal: sus valores no se muestran.</translation>
  </message>
  <message>
   <source>Mdn</source>
   <translation>Mdn</translation>
  </message>
  <message>
   <source>Mean</source>
   <translation>Media</translation>
  </message>
  <message>
   <source>Measure</source>
   <translation>Medida</translation>
  </message>
  <message>
   <source>Measurements over time</source>
   <translation>Mediciones en el tiempo</translation>
  </message>
  <message>
   <source>Median</source>
   <translation>Mediana</translation>
  </message>
  <message>
   <source>Methods text</source>
   <translation>Texto del método</translation>
  </message>
  <message>
   <source>Missing</source>
   <translation>Perdidos</translation>
  </message>
  <message>
   <source>Missing together</source>
   <translation>Perdidos juntos</translation>
  </message>
  <message>
   <source>Missing values</source>
   <translation>Valores perdidos</translation>
  </message>
  <message>
   <source>Most frequent</source>
   <translation>Más frecuentes</translation>
  </message>
  <message>
   <source>Moving mean of</source>
   <translation>Media móvil de</translation>
  </message>
  <message>
   <source>Name</source>
   <translation>Nombre</translation>
  </message>
  <message>
   <source>Name the study</source>
   <translation>Dar nombre al estudio</translation>
  </message>
  <message>
   <source>Name the study…</source>
   <translation>Dar nombre al estudio…</translation>
  </message>
  <message>
   <source>Names stand in back quotes, texts in double ones: write `{plain}`.</source>
   <translation>Los nombres van entre acentos graves, los textos entre comillas dobles: escriba `{plain}`.</translation>
  </message>
  <message>
   <source>Names stand in back quotes, texts in double ones: write `{value}`.</source>
   <translation>Los nombres van entre acentos graves, los textos entre comillas dobles: escriba `{value}`.</translation>
  </message>
  <message>
   <source>Names that stand more than once ({names}) got a number behind.</source>
   <translation>Los nombres que están más de una vez ({names}) llevan ahora un número.</translation>
  </message>
  <message>
   <source>Names were found in line {line}; what stands above is left out.</source>
   <translation>Los nombres están en la línea {line}; lo que está encima se deja fuera.</translation>
  </message>
  <message>
   <source>Names were found in row {row} of the sheet “{name}”; what stands above is left out.</source>
   <translation>Los nombres están en la fila {row} de la hoja «{name}»; lo que está encima se deja fuera.</translation>
  </message>
  <message>
   <source>Nine</source>
   <translation>Nueve</translation>
  </message>
  <message>
   <source>No case in use has a value, so there is nothing to draw.</source>
   <translation>Ningún caso en uso tiene valor, así que no hay nada que dibujar.</translation>
  </message>
  <message>
   <source>No case in use has both a time and a value, so there is no line to draw.</source>
   <translation>Ningún caso en uso tiene a la vez un tiempo y un valor, así que no hay línea que dibujar.</translation>
  </message>
  <message>
   <source>No case in use has both “{value}” and “{value_2}”, so there is nothing to draw.</source>
   <translation>Ningún caso en uso tiene a la vez «{value}» y «{value_2}», así que no hay nada que dibujar.</translation>
  </message>
  <message>
   <source>No case meets “{text}” ({total:,} cases read); there is nothing to work on.</source>
   <translation>Ningún caso cumple «{text}» ({total:,} casos leídos); no hay nada con que trabajar.</translation>
  </message>
  <message>
   <source>No table describes the participants (Table 1): characteristics, with n.</source>
   <translation>Ninguna tabla describe a los participantes (tabla 1): características, con n.</translation>
  </message>
  <message>
   <source>No value is missing.</source>
   <translation>No falta ningún valor.</translation>
  </message>
  <message>
   <source>No value of these variables is missing, so there is no map to draw.</source>
   <translation>No falta ningún valor de estas variables, así que no hay mapa que dibujar.</translation>
  </message>
  <message>
   <source>No value of “{name}” is above 0, so it has no logarithmic axis; leave log out.</source>
   <translation>Ningún valor de «{name}» es mayor que 0, así que no tiene eje logarítmico; quite log.</translation>
  </message>
  <message>
   <source>No variable is a category.</source>
   <translation>Ninguna variable es una categoría.</translation>
  </message>
  <message>
   <source>No variable is measured.</source>
   <translation>Ninguna variable está medida.</translation>
  </message>
  <message>
   <source>Nominal</source>
   <translation>Nominal</translation>
  </message>
  <message>
   <source>Not drawn: {above:,} above.</source>
   <translation>Sin dibujar: {above:,} por encima.</translation>
  </message>
  <message>
   <source>Not drawn: {below:,} below, {above:,} above.</source>
   <translation>Sin dibujar: {below:,} por debajo, {above:,} por encima.</translation>
  </message>
  <message>
   <source>Not drawn: {below:,} below.</source>
   <translation>Sin dibujar: {below:,} por debajo.</translation>
  </message>
  <message>
   <source>Nothing</source>
   <translation>Nada</translation>
  </message>
  <message>
   <source>Nothing in this matrix has a value, so there is nothing to draw; set it as table.</source>
   <translation>Nada en esta matriz tiene valor, así que no hay nada que dibujar; póngala como table.</translation>
  </message>
  <message>
   <source>Nothing is called so. Try other letters, or write a whole sentence.</source>
   <translation>Nada se llama así. Pruebe otras letras, o escriba una frase entera.</translation>
  </message>
  <message>
   <source>Nothing is kept yet. At the Bench, Ctrl+Enter keeps the exhibit that is on paper; headings and paragraphs are added below the outline.</source>
   <translation>Aún no se ha conservado nada. En la mesa, Ctrl+Intro conserva el elemento que está en el papel; títulos y párrafos se añaden bajo el esquema.</translation>
  </message>
  <message>
   <source>Nothing moved.</source>
   <translation>Nada cambió.</translation>
  </message>
  <message>
   <source>Nothing says how the statistics were computed; “+ methods text” beside an exhibit does.</source>
   <translation>Nada dice cómo se calcularon los estadísticos; «+ texto del método» junto a un elemento lo dice.</translation>
  </message>
  <message>
   <source>Nothing that a reviewer would raise.</source>
   <translation>Nada que un revisor señalaría.</translation>
  </message>
  <message>
   <source>Nothing to look at</source>
   <translation>Nada que mirar</translation>
  </message>
  <message>
   <source>Number</source>
   <translation>Número</translation>
  </message>
  <message>
   <source>Number of classes</source>
   <translation>Número de clases</translation>
  </message>
  <message>
   <source>Numbered by chapter</source>
   <translation>Numerado por capítulos</translation>
  </message>
  <message>
   <source>Numbers</source>
   <translation>Números</translation>
  </message>
  <message>
   <source>Numbers are not opened where small counts are hidden: their working would tell them.</source>
   <translation>Los números no se abren donde se ocultan frecuencias pequeñas: su cálculo las diría.</translation>
  </message>
  <message>
   <source>Numbers of the figure on the paper</source>
   <translation>Números de la figura en el papel</translation>
  </message>
  <message>
   <source>Of different kinds, so read as text: {names}.</source>
   <translation>De distinta clase, por eso leídas como texto: {names}.</translation>
  </message>
  <message>
   <source>Of the categories of “{name}” only n and % are shown; {instead}.</source>
   <translation>De las categorías de «{name}» solo se muestran n y %; {instead}.</translation>
  </message>
  <message>
   <source>Of “{text}” each case can have several answers, so it makes no groups; count it instead.</source>
   <translation>De «{text}» cada caso puede tener varias respuestas, así que no forma grupos; cuéntela.</translation>
  </message>
  <message>
   <source>On the sheet “{name}” there are also tables in {places}.</source>
   <translation>En la hoja «{name}» hay también tablas en {places}.</translation>
  </message>
  <message>
   <source>One</source>
   <translation>Una</translation>
  </message>
  <message>
   <source>One axis is shared by 2 to {most} variables.</source>
   <translation>Un eje lo comparten de 2 a {most} variables.</translation>
  </message>
  <message>
   <source>One measure on several occasions: {name} ({columns}).</source>
   <translation>Una medida en varias ocasiones: {name} ({columns}).</translation>
  </message>
  <message>
   <source>One question with several answers: {name} ({answers}).</source>
   <translation>Una pregunta con varias respuestas: {name} ({answers}).</translation>
  </message>
  <message>
   <source>One value under {n} spellings</source>
   <translation>Un valor con {n} grafías</translation>
  </message>
  <message>
   <source>Only the sheet “{name}” was read; there are also {others}.</source>
   <translation>Solo se leyó la hoja «{name}»; también hay {others}.</translation>
  </message>
  <message>
   <source>Only the table “{name}” was read; there are also {others}.</source>
   <translation>Solo se leyó la tabla «{name}»; también hay {others}.</translation>
  </message>
  <message>
   <source>Only “{name}” was read; in the archive there are also {others}.</source>
   <translation>Solo se leyó «{name}»; en el archivo comprimido también hay {others}.</translation>
  </message>
  <message>
   <source>Open data or a study</source>
   <translation>Abrir datos o un estudio</translation>
  </message>
  <message>
   <source>Open data or a study…</source>
   <translation>Abrir datos o un estudio…</translation>
  </message>
  <message>
   <source>Open…</source>
   <translation>Abrir…</translation>
  </message>
  <message>
   <source>Order</source>
   <translation>Orden</translation>
  </message>
  <message>
   <source>Ordinal</source>
   <translation>Ordinal</translation>
  </message>
  <message>
   <source>Outliers by</source>
   <translation>Atípicos según</translation>
  </message>
  <message>
   <source>Outline</source>
   <translation>Contorno</translation>
  </message>
  <message>
   <source>Outline of the manuscript</source>
   <translation>Esquema del manuscrito</translation>
  </message>
  <message>
   <source>Page and fonts</source>
   <translation>Página y letras</translation>
  </message>
  <message>
   <source>Pages as PDF need the Pango library of the system (libpango); choose .docx or .html.</source>
   <translation>Las páginas en PDF necesitan la biblioteca Pango del sistema (libpango); elija .docx o .html.</translation>
  </message>
  <message>
   <source>Pairs</source>
   <translation>Pares</translation>
  </message>
  <message>
   <source>Paper</source>
   <translation>Papel</translation>
  </message>
  <message>
   <source>Paragraph</source>
   <translation>Párrafo</translation>
  </message>
  <message>
   <source>Partial coefficients are not defined under weights; leave “given” out, or add “with unweighted”.</source>
   <translation>Los coeficientes parciales no están definidos con pesos; quite «given», o añada «with unweighted».</translation>
  </message>
  <message>
   <source>Paste cells as data</source>
   <translation>Pegar celdas como datos</translation>
  </message>
  <message>
   <source>Paths follow persons over occasions: say whose rows these are at the head of the Codebook (or with --person), and name the occasions after “across”.</source>
   <translation>Las trayectorias siguen a personas por las ocasiones: diga al inicio del diccionario (o con --person) de quién son estas filas, y nombre las ocasiones tras «across».</translation>
  </message>
  <message>
   <source>Pearson</source>
   <translation>Pearson</translation>
  </message>
  <message>
   <source>Pearson’s r over the cases that both have; the darker, the stronger.</source>
   <translation>r de Pearson de los casos que tienen ambas; cuanto más oscuro, más fuerte.</translation>
  </message>
  <message>
   <source>Per</source>
   <translation>Por</translation>
  </message>
  <message>
   <source>Percentages</source>
   <translation>Porcentajes</translation>
  </message>
  <message>
   <source>Percentages of the valid answers.</source>
   <translation>Porcentajes de las respuestas válidas.</translation>
  </message>
  <message>
   <source>Percentiles</source>
   <translation>Percentiles</translation>
  </message>
  <message>
   <source>Persons</source>
   <translation>Personas</translation>
  </message>
  <message>
   <source>Point at a number of a proof first; Ctrl+Shift+N then cites it.</source>
   <translation>Señale primero un número de una prueba; Ctrl+Shift+N lo cita entonces.</translation>
  </message>
  <message>
   <source>Print the manuscript…</source>
   <translation>Imprimir el manuscrito…</translation>
  </message>
  <message>
   <source>Print…</source>
   <translation>Imprimir…</translation>
  </message>
  <message>
   <source>Proof</source>
   <translation>Prueba</translation>
  </message>
  <message>
   <source>Pulled most by</source>
   <translation>Más arrastrado por</translation>
  </message>
  <message>
   <source>Put data together</source>
   <translation>Juntar datos</translation>
  </message>
  <message>
   <source>Quantiles</source>
   <translation>Cuantiles</translation>
  </message>
  <message>
   <source>Read changed files again</source>
   <translation>Releer los archivos cambiados</translation>
  </message>
  <message>
   <source>Read the file differently</source>
   <translation>Leer el archivo de otro modo</translation>
  </message>
  <message>
   <source>Read the manuscript as a reviewer would</source>
   <translation>Leer el manuscrito como un revisor</translation>
  </message>
  <message>
   <source>Reading</source>
   <translation>Revisión</translation>
  </message>
  <message>
   <source>Reading was cancelled; nothing was changed.</source>
   <translation>Se canceló la lectura; no se cambió nada.</translation>
  </message>
  <message>
   <source>Reading {name} …</source>
   <translation>Leyendo {name}…</translation>
  </message>
  <message>
   <source>Reading …</source>
   <translation>Leyendo…</translation>
  </message>
  <message>
   <source>Reason for corrections</source>
   <translation>Motivo de las correcciones</translation>
  </message>
  <message>
   <source>Redo</source>
   <translation>Rehacer</translation>
  </message>
  <message>
   <source>Reduce the proof</source>
   <translation>Reducir la prueba</translation>
  </message>
  <message>
   <source>Refer to</source>
   <translation>Remitir a</translation>
  </message>
  <message>
   <source>Refresh a document</source>
   <translation>Actualizar un documento</translation>
  </message>
  <message>
   <source>Refresh a document that was edited since…</source>
   <translation>Actualizar un documento editado desde entonces…</translation>
  </message>
  <message>
   <source>Refresh one with tracked changes…</source>
   <translation>Actualizar uno con control de cambios…</translation>
  </message>
  <message>
   <source>Refreshed</source>
   <translation>Actualizado</translation>
  </message>
  <message>
   <source>Relate needs two variables or more; name another, or rank against one with “against”.</source>
   <translation>Relate necesita dos variables o más; nombre otra, o compare con una mediante «against».</translation>
  </message>
  <message>
   <source>Reproducibility</source>
   <translation>Reproducibilidad</translation>
  </message>
  <message>
   <source>Results text</source>
   <translation>Texto de resultados</translation>
  </message>
  <message>
   <source>Reviewer’s reading</source>
   <translation>Lectura del revisor</translation>
  </message>
  <message>
   <source>Row</source>
   <translation>Fila</translation>
  </message>
  <message>
   <source>Row {row:,} is no case:</source>
   <translation>La fila {row:,} no es un caso:</translation>
  </message>
  <message>
   <source>Rows are told apart by {names}.</source>
   <translation>Las filas se distinguen por {names}.</translation>
  </message>
  <message>
   <source>Rows are weighted by {name}.</source>
   <translation>Las filas se ponderan por {name}.</translation>
  </message>
  <message>
   <source>Rules, pt</source>
   <translation>Filetes, pt</translation>
  </message>
  <message>
   <source>SD</source>
   <translation>DE</translation>
  </message>
  <message>
   <source>SE</source>
   <translation>EE</translation>
  </message>
  <message>
   <source>SE for SD</source>
   <translation>EE en vez de DE</translation>
  </message>
  <message>
   <source>Save as…</source>
   <translation>Guardar como…</translation>
  </message>
  <message>
   <source>Save the house style</source>
   <translation>Guardar el estilo editorial</translation>
  </message>
  <message>
   <source>Say what you want in one sentence,</source>
   <translation>Diga en una frase lo que quiere,</translation>
  </message>
  <message>
   <source>Scale</source>
   <translation>Escala</translation>
  </message>
  <message>
   <source>Scott</source>
   <translation>Scott</translation>
  </message>
  <message>
   <source>See it on its page: Manuscript in the rail, or Ctrl+4.</source>
   <translation>Véala en su página: Manuscrito a la izquierda, o Ctrl+4.</translation>
  </message>
  <message>
   <source>Sentence</source>
   <translation>Frase</translation>
  </message>
  <message>
   <source>Set aside, for they do not have the {fields} fields of the names: {lines}.</source>
   <translation>Se apartaron porque no tienen los {fields} campos de los nombres: {lines}.</translation>
  </message>
  <message>
   <source>Setting</source>
   <translation>Compuesto</translation>
  </message>
  <message>
   <source>Setting the proof …</source>
   <translation>Componiendo la prueba…</translation>
  </message>
  <message>
   <source>Settings are {names}.</source>
   <translation>Los ajustes son {names}.</translation>
  </message>
  <message>
   <source>Seven</source>
   <translation>Siete</translation>
  </message>
  <message>
   <source>Shape</source>
   <translation>Estructura</translation>
  </message>
  <message>
   <source>Shares that are expected are for count; “{verb}” does not take them.</source>
   <translation>Las proporciones esperadas son para count; «{verb}» no las toma.</translation>
  </message>
  <message>
   <source>Sheather–Jones</source>
   <translation>Sheather–Jones</translation>
  </message>
  <message>
   <source>Ships with Istrel; the first change makes a copy that belongs to the study.</source>
   <translation>Viene con Istrel; el primer cambio hace una copia que pertenece al estudio.</translation>
  </message>
  <message>
   <source>Show the cases</source>
   <translation>Mostrar los casos</translation>
  </message>
  <message>
   <source>Silverman</source>
   <translation>Silverman</translation>
  </message>
  <message>
   <source>Single cases</source>
   <translation>Casos sueltos</translation>
  </message>
  <message>
   <source>Single cases cannot be shown where small counts are hidden; leave points out.</source>
   <translation>No pueden mostrarse casos sueltos donde se ocultan recuentos pequeños; quite points.</translation>
  </message>
  <message>
   <source>Six</source>
   <translation>Seis</translation>
  </message>
  <message>
   <source>Size of everything: {size} %</source>
   <translation>Tamaño de todo: {size} %</translation>
  </message>
  <message>
   <source>Size: {size} %</source>
   <translation>Tamaño: {size} %</translation>
  </message>
  <message>
   <source>Sizes</source>
   <translation>Tamaños</translation>
  </message>
  <message>
   <source>Skewness (G1)</source>
   <translation>Asimetría (G1)</translation>
  </message>
  <message>
   <source>Small counts are not hidden in the table of a scale; leave hide_below out.</source>
   <translation>Los recuentos pequeños no se ocultan en la tabla de una escala; quite hide_below.</translation>
  </message>
  <message>
   <source>Small counts are not hidden where persons are counted; leave one of both out.</source>
   <translation>Los recuentos pequeños no se ocultan donde se cuentan personas; quite uno de los dos.</translation>
  </message>
  <message>
   <source>Small counts are not hidden where “{name}” stands in several columns; describe these one by one.</source>
   <translation>Los recuentos pequeños no se ocultan donde «{name}» ocupa varias columnas; descríbalas una a una.</translation>
  </message>
  <message>
   <source>Small counts cannot be hidden where several variables share an axis.</source>
   <translation>Los recuentos pequeños no pueden ocultarse donde varias variables comparten un eje.</translation>
  </message>
  <message>
   <source>Smallest</source>
   <translation>Menor</translation>
  </message>
  <message>
   <source>Smoothness</source>
   <translation>Suavizado</translation>
  </message>
  <message>
   <source>Something is missing at the end of the sentence.</source>
   <translation>Falta algo al final de la frase.</translation>
  </message>
  <message>
   <source>Sorted</source>
   <translation>Ordenado</translation>
  </message>
  <message>
   <source>Spanish</source>
   <translation>español</translation>
  </message>
  <message>
   <source>Spearman</source>
   <translation>Spearman</translation>
  </message>
  <message>
   <source>Stack</source>
   <translation>Apilar</translation>
  </message>
  <message>
   <source>Stacking takes two sources or more.</source>
   <translation>Para apilar hacen falta dos fuentes o más.</translation>
  </message>
  <message>
   <source>Standard deviation</source>
   <translation>Desviación estándar</translation>
  </message>
  <message>
   <source>Statistics are {names}.</source>
   <translation>Los estadísticos son {names}.</translation>
  </message>
  <message>
   <source>Statistics, in this order</source>
   <translation>Estadísticos, en este orden</translation>
  </message>
  <message>
   <source>Strata and clusters belong to a weighted sample; say which variable weighs the rows, too.</source>
   <translation>Estratos y conglomerados son de una muestra ponderada; diga también qué variable pondera las filas.</translation>
  </message>
  <message>
   <source>Strata: {name}.</source>
   <translation>Estratos: {name}.</translation>
  </message>
  <message>
   <source>Stray spaces</source>
   <translation>Espacios sobrantes</translation>
  </message>
  <message>
   <source>Studies</source>
   <translation>Estudios</translation>
  </message>
  <message>
   <source>Sturges</source>
   <translation>Sturges</translation>
  </message>
  <message>
   <source>Supplement</source>
   <translation>Suplemento</translation>
  </message>
  <message>
   <source>Table 1 of a trial</source>
   <translation>La tabla 1 de un ensayo</translation>
  </message>
  <message>
   <source>Table on the paper</source>
   <translation>Tabla sobre el papel</translation>
  </message>
  <message>
   <source>Tables</source>
   <translation>Tablas</translation>
  </message>
  <message>
   <source>Tables, pt</source>
   <translation>Tablas, pt</translation>
  </message>
  <message>
   <source>Take these numbers again</source>
   <translation>Volver a tomar estos números</translation>
  </message>
  <message>
   <source>Tells who a person is: it stays out of data that are given away.</source>
   <translation>Dice quién es una persona: queda fuera de los datos que se entregan.</translation>
  </message>
  <message>
   <source>Ten</source>
   <translation>Diez</translation>
  </message>
  <message>
   <source>Tests</source>
   <translation>Pruebas</translation>
  </message>
  <message>
   <source>Tests of differences</source>
   <translation>Pruebas de diferencias</translation>
  </message>
  <message>
   <source>Text</source>
   <translation>Texto</translation>
  </message>
  <message>
   <source>Text among dates</source>
   <translation>Texto entre fechas</translation>
  </message>
  <message>
   <source>Text among numbers</source>
   <translation>Texto entre números</translation>
  </message>
  <message>
   <source>Text, pt</source>
   <translation>Texto, pt</translation>
  </message>
  <message>
   <source>That was it. Everything that you did is a step that Ctrl+Z takes back; F1 opens the handbook.</source>
   <translation>Eso fue todo. Ctrl+Z deshace cada paso que ha dado; F1 abre el manual.</translation>
  </message>
  <message>
   <source>The answers cannot stand in columns: {why}.</source>
   <translation>Las respuestas no pueden estar en columnas: {why}.</translation>
  </message>
  <message>
   <source>The axis {sides} has no numbers; the one that has takes {other}.</source>
   <translation>El eje {sides} no tiene números; el que los tiene toma {other}.</translation>
  </message>
  <message>
   <source>The codebook stands in {path}.</source>
   <translation>El diccionario está en {path}.</translation>
  </message>
  <message>
   <source>The data have a variable “{occasion}” already; rename it, so that “{name}” can have occasions.</source>
   <translation>Los datos ya tienen una variable «{occasion}»; cámbiele el nombre, para que «{name}» pueda tener ocasiones.</translation>
  </message>
  <message>
   <source>The first row is data: the variables are named by their place.</source>
   <translation>La primera fila son datos: las variables se nombran por su lugar.</translation>
  </message>
  <message>
   <source>The first {n:,}; {more:,} more are in the list.</source>
   <translation>Las primeras {n:,}; {more:,} más están en la lista.</translation>
  </message>
  <message>
   <source>The first {n} measures.</source>
   <translation>Las primeras {n} medidas.</translation>
  </message>
  <message>
   <source>The flow of cases takes groups after “across”.</source>
   <translation>El flujo de casos toma grupos tras «across».</translation>
  </message>
  <message>
   <source>The names stand over two rows, which were joined.</source>
   <translation>Los nombres ocupan dos filas, que se unieron.</translation>
  </message>
  <message>
   <source>The note of {label} {says}.</source>
   <translation>La nota de {label} {says}.</translation>
  </message>
  <message>
   <source>The number of classes is from 1 to {most_classes:,}; {number} is not.</source>
   <translation>El número de clases va de 1 a {most_classes:,}; {number} no.</translation>
  </message>
  <message>
   <source>The only source of a study cannot be taken out.</source>
   <translation>La única fuente de un estudio no puede quitarse.</translation>
  </message>
  <message>
   <source>The proof as large as fits</source>
   <translation>La prueba tan grande como quepa</translation>
  </message>
  <message>
   <source>The record of the study cannot be understood.</source>
   <translation>El registro del estudio no se entiende.</translation>
  </message>
  <message>
   <source>The record of “{kind}” cannot be understood.</source>
   <translation>El registro de «{kind}» no se entiende.</translation>
  </message>
  <message>
   <source>The records under “{key}” were read.</source>
   <translation>Se leyeron los registros bajo «{key}».</translation>
  </message>
  <message>
   <source>The report stands in {path}.</source>
   <translation>El informe está en {path}.</translation>
  </message>
  <message>
   <source>The row of names is a whole number counted from 1; 0 where the file has no names.</source>
   <translation>La fila de nombres es un número entero contado desde 1; 0 si el archivo no tiene nombres.</translation>
  </message>
  <message>
   <source>The row under the names says more of them ({words}): it became labels and units.</source>
   <translation>La fila bajo los nombres dice más de ellos ({words}): de ella salen etiquetas y unidades.</translation>
  </message>
  <message>
   <source>The rows have no weights here; leave unweighted out.</source>
   <translation>Las filas no tienen pesos aquí; quite unweighted.</translation>
  </message>
  <message>
   <source>The rows look counted already:</source>
   <translation>Las filas parecen ya contadas:</translation>
  </message>
  <message>
   <source>The rows may be weighted:</source>
   <translation>Las filas quizá estén ponderadas:</translation>
  </message>
  <message>
   <source>The software is not named (SAMPL): for example “made with Istrel”.</source>
   <translation>No se nombra el programa (SAMPL): por ejemplo «hecho con Istrel».</translation>
  </message>
  <message>
   <source>The source of this is not in the study any more.</source>
   <translation>La fuente de esto ya no está en el estudio.</translation>
  </message>
  <message>
   <source>The values after “in” stand in braces: {example}.</source>
   <translation>Los valores después de «in» van entre llaves: {example}.</translation>
  </message>
  <message>
   <source>The values of “{name}” cannot be drawn as {form}: they are too large, too small or too few.</source>
   <translation>Los valores de «{name}» no pueden dibujarse como {form}: son demasiado grandes, pequeños o pocos.</translation>
  </message>
  <message>
   <source>The values of “{name}” have no order in which they could be added up; leave cumulative out.</source>
   <translation>Los valores de «{name}» no tienen un orden en que sumarse; quite cumulative.</translation>
  </message>
  <message>
   <source>The {what} differs: {number} in {label}, {number_2} in {label_2}; say why.</source>
   <translation>{what} difiere: {number} en {label}, {number_2} en {label_2}; diga por qué.</translation>
  </message>
  <message>
   <source>There are no words in “{language}” yet; name them in the style file, with language = "en".</source>
   <translation>Aún no hay palabras en «{language}»; nómbrelas en el archivo de estilo, con language = "en".</translation>
  </message>
  <message>
   <source>There is already a variable “{name}”; a derived one needs a name of its own.</source>
   <translation>Ya hay una variable «{name}»; una derivada necesita un nombre propio.</translation>
  </message>
  <message>
   <source>There is no function “{function}”.{hint}</source>
   <translation>No hay ninguna función «{function}».{hint}</translation>
  </message>
  <message>
   <source>There is no house style “{name}”.{hint} Shipped: {names}; or name a .toml file.</source>
   <translation>No hay un estilo «{name}».{hint} Incluidos: {names}; o nombre un archivo .toml.</translation>
  </message>
  <message>
   <source>There is no number in row “{row}” and column “{column}” of this figure.{offered}</source>
   <translation>No hay ningún número en la fila «{row}» y la columna «{column}» de esta figura.{offered}</translation>
  </message>
  <message>
   <source>There is no number in row “{row}” and column “{column}”.{offered}</source>
   <translation>No hay número en la fila «{row}» y la columna «{column}».{offered}</translation>
  </message>
  <message>
   <source>There is no sentence yet. {begins}</source>
   <translation>Aún no hay frase. {begins}</translation>
  </message>
  <message>
   <source>There is no setting “{word}”.{hint}</source>
   <translation>No hay ningún ajuste «{word}».{hint}</translation>
  </message>
  <message>
   <source>There is no variable “{name}”.{hint}</source>
   <translation>No hay ninguna variable «{name}».{hint}</translation>
  </message>
  <message>
   <source>These values are too large or too close together for class intervals.</source>
   <translation>Estos valores son demasiado grandes o están demasiado juntos para hacer clases.</translation>
  </message>
  <message>
   <source>These variables are not measured in one unit; the Codebook says what each is measured in.</source>
   <translation>Estas variables no se miden en una misma unidad; el diccionario dice en qué se mide cada una.</translation>
  </message>
  <message>
   <source>These variables are {one} and {other}; only what is of one level agrees.</source>
   <translation>Estas variables son {one} y {other}; solo concuerda lo que es de un mismo nivel.</translation>
  </message>
  <message>
   <source>These variables have no value in common, so there is nothing to agree on.</source>
   <translation>Estas variables no tienen ningún valor en común, así que no hay en qué concordar.</translation>
  </message>
  <message>
   <source>This draws {groups:,} groups; a figure as {form} holds {most}. </source>
   <translation>Esto dibuja {groups:,} grupos; una figura como {form} admite {most}. </translation>
  </message>
  <message>
   <source>This exhibit is not in the manuscript any more.</source>
   <translation>Este elemento ya no está en el manuscrito.</translation>
  </message>
  <message>
   <source>This is nested more than {deepest} deep; make parts of it variables of their own.</source>
   <translation>Esto está anidado más de {deepest} veces; haga de sus partes variables propias.</translation>
  </message>
  <message>
   <source>This is not in the manuscript any more.</source>
   <translation>Esto ya no está en el manuscrito.</translation>
  </message>
  <message>
   <source>This makes a heat map of {n} variables; one holds {most_variables}. Name fewer.</source>
   <translation>Esto hace un mapa de calor de {n} variables; admite {most_variables}. Nombre menos.</translation>
  </message>
  <message>
   <source>This makes a map of {n} variables; one holds {most_variables}. Name fewer.</source>
   <translation>Esto hace un mapa de {n} variables; admite {most_variables}. Nombre menos.</translation>
  </message>
  <message>
   <source>This makes a table of {count:,} {what}; one holds {most:,}.</source>
   <translation>Esto hace una tabla de {count:,} {what}; admite {most:,}.</translation>
  </message>
  <message>
   <source>This makes {bars:,} bars; a figure holds {most_bars}. Name the most frequent (top = 10), or count classes.</source>
   <translation>Esto hace {bars:,} barras; una figura admite {most_bars}. Nombre las más frecuentes (top = 10), o cuente clases.</translation>
  </message>
  <message>
   <source>This makes {n:,} groups; a table holds {most_groups:,}. Cross fewer variables, or limit the cases.</source>
   <translation>Esto hace {n:,} grupos; una tabla admite {most_groups:,}. Cruce menos variables, o limite los casos.</translation>
  </message>
  <message>
   <source>This makes {n} panels; a figure holds {most_panels}. Name fewer variables or groups.</source>
   <translation>Esto hace {n} paneles; una figura admite {most_panels}. Nombre menos variables o grupos.</translation>
  </message>
  <message>
   <source>This makes {size:,} tiles; a heat map holds {most_tiles:,}. Name fewer values.</source>
   <translation>Esto hace {size:,} cuadros; un mapa de calor admite {most_tiles:,}. Nombre menos valores.</translation>
  </message>
  <message>
   <source>This number has no working that could be followed by hand: it is hidden, weighted, or more than sums and order.</source>
   <translation>Este número no tiene un cálculo que se pueda seguir a mano: está oculto, ponderado, o es más que sumas y orden.</translation>
  </message>
  <message>
   <source>This relates {n:,} variables; a matrix holds {most_variables}. Name fewer.</source>
   <translation>Esto relaciona {n:,} variables; una matriz admite {most_variables}. Nombre menos.</translation>
  </message>
  <message>
   <source>Thousands</source>
   <translation>Millares</translation>
  </message>
  <message>
   <source>Three</source>
   <translation>Tres</translation>
  </message>
  <message>
   <source>Title in italics</source>
   <translation>Título en cursiva</translation>
  </message>
  <message>
   <source>Title in title case</source>
   <translation>Título con mayúsculas</translation>
  </message>
  <message>
   <source>To be mended: {words}</source>
   <translation>Por corregir: {words}</translation>
  </message>
  <message>
   <source>Total</source>
   <translation>Total</translation>
  </message>
  <message>
   <source>Trimmed at each end</source>
   <translation>Recortado en cada extremo</translation>
  </message>
  <message>
   <source>Tukey’s fences, or a robust z beyond 3.5</source>
   <translation>vallas de Tukey, o una z robusta mayor que 3,5</translation>
  </message>
  <message>
   <source>Twelve</source>
   <translation>Doce</translation>
  </message>
  <message>
   <source>Two</source>
   <translation>Dos</translation>
  </message>
  <message>
   <source>Two precisions of the {what}: {number} in {label}, {number_2} in {label_2}.</source>
   <translation>Dos precisiones ({what}): {number} en {label}, {number_2} en {label_2}.</translation>
  </message>
  <message>
   <source>Two values of the {what}: {number} in {label} but {number_2} in {label_2}; say why.</source>
   <translation>Dos valores ({what}): {number} en {label}, pero {number_2} en {label_2}; diga por qué.</translation>
  </message>
  <message>
   <source>Undo</source>
   <translation>Deshacer</translation>
  </message>
  <message>
   <source>Used in</source>
   <translation>Usada en</translation>
  </message>
  <message>
   <source>Valid</source>
   <translation>Válidos</translation>
  </message>
  <message>
   <source>Value</source>
   <translation>Valor</translation>
  </message>
  <message>
   <source>Values</source>
   <translation>Valores</translation>
  </message>
  <message>
   <source>Values run from {values:g} to {values_2:g}, beyond the bounds {low:g} and {high:g}.</source>
   <translation>Los valores van de {values:g} a {values_2:g}, más allá de las cotas {low:g} y {high:g}.</translation>
  </message>
  <message>
   <source>Values that are wanted</source>
   <translation>Valores deseados</translation>
  </message>
  <message>
   <source>Values with labels</source>
   <translation>Valores con etiquetas</translation>
  </message>
  <message>
   <source>Variable</source>
   <translation>Variable</translation>
  </message>
  <message>
   <source>Variable by variable</source>
   <translation>Variable por variable</translation>
  </message>
  <message>
   <source>Variables</source>
   <translation>Variables</translation>
  </message>
  <message>
   <source>Variables against several others are set as table; “{shape}” shows all with each other.</source>
   <translation>Las variables frente a varias otras se ponen como table; «{shape}» las muestra todas entre sí.</translation>
  </message>
  <message>
   <source>Variables for the condition</source>
   <translation>Variables para la condición</translation>
  </message>
  <message>
   <source>Variables of the file</source>
   <translation>Variables del archivo</translation>
  </message>
  <message>
   <source>Variables stand one by one here; combinations (×) are counted with “count”.</source>
   <translation>Aquí las variables van una a una; las combinaciones (×) se cuentan con «count».</translation>
  </message>
  <message>
   <source>Walk over the table on the paper</source>
   <translation>Recorrer con las teclas la tabla sobre el papel</translation>
  </message>
  <message>
   <source>Walk: {title}</source>
   <translation>Recorrido: {title}</translation>
  </message>
  <message>
   <source>What a reviewer might raise</source>
   <translation>Lo que un revisor podría señalar</translation>
  </message>
  <message>
   <source>What is compared with a norm stands in rows; leave layout out.</source>
   <translation>Lo que se compara con una norma está en filas; quite layout.</translation>
  </message>
  <message>
   <source>What is drawn reaches from {min:.4g} to {max:.4g}, beyond {name} {low:g} and {high:g}; </source>
   <translation>Lo dibujado va de {min:.4g} a {max:.4g}, más allá de {name} {low:g} y {high:g}; </translation>
  </message>
  <message>
   <source>What is said of its columns was left out: {problem}</source>
   <translation>Lo que se dice de las columnas se dejó fuera: {problem}</translation>
  </message>
  <message>
   <source>What may stand here</source>
   <translation>Lo que puede estar aquí</translation>
  </message>
  <message>
   <source>What stands in the columns comes after “against”: count site against format.</source>
   <translation>Lo que va en las columnas viene después de “against”: count site against format.</translation>
  </message>
  <message>
   <source>What to look at</source>
   <translation>Qué mirar</translation>
  </message>
  <message>
   <source>What was found</source>
   <translation>Lo encontrado</translation>
  </message>
  <message>
   <source>What would you like to know?</source>
   <translation>¿Qué quiere saber?</translation>
  </message>
  <message>
   <source>Whiskers</source>
   <translation>Bigotes</translation>
  </message>
  <message>
   <source>Who was in which group?</source>
   <translation>¿Quién estaba en qué grupo?</translation>
  </message>
  <message>
   <source>Wide to long</source>
   <translation>De ancho a largo</translation>
  </message>
  <message>
   <source>Wide to long gathers two variables or more.</source>
   <translation>«De ancho a largo» reúne dos variables o más.</translation>
  </message>
  <message>
   <source>Width</source>
   <translation>Anchura</translation>
  </message>
  <message>
   <source>Width, mm</source>
   <translation>Anchura, mm</translation>
  </message>
  <message>
   <source>Windows western</source>
   <translation>Windows occidental</translation>
  </message>
  <message>
   <source>With counts below {below} hidden nothing of this plane is left to draw; set it as table.</source>
   <translation>Con los recuentos menores de {below} ocultos no queda nada que dibujar de este plano; póngalo como table.</translation>
  </message>
  <message>
   <source>With counts below {below} hidden, nothing of “{name}” is left to draw: its figure would tell groups of fewer cases, or fewer missing values. Set it as table.</source>
   <translation>Con los recuentos menores de {below} ocultos no queda nada que dibujar de «{name}»: su figura delataría grupos de menos casos, o menos valores perdidos. Póngalo como table.</translation>
  </message>
  <message>
   <source>With row {row:,} another table begins:</source>
   <translation>Con la fila {row:,} empieza otra tabla:</translation>
  </message>
  <message>
   <source>With several answers:</source>
   <translation>Con varias respuestas:</translation>
  </message>
  <message>
   <source>With small counts hidden only counts can be drawn; leave the percentages or residuals out.</source>
   <translation>Con los recuentos pequeños ocultos solo pueden dibujarse recuentos; quite los porcentajes o residuos.</translation>
  </message>
  <message>
   <source>With small counts hidden the shares cannot be drawn; set it as table.</source>
   <translation>Con los recuentos pequeños ocultos no pueden dibujarse las proporciones; póngalas como table.</translation>
  </message>
  <message>
   <source>Within persons</source>
   <translation>Dentro de las personas</translation>
  </message>
  <message>
   <source>Within persons Pearson’s r is defined; leave the method out.</source>
   <translation>Dentro de las personas se define la r de Pearson; quite method.</translation>
  </message>
  <message>
   <source>Without weights</source>
   <translation>Sin ponderar</translation>
  </message>
  <message>
   <source>Word before notes</source>
   <translation>Palabra ante las notas</translation>
  </message>
  <message>
   <source>Words that no longer hold, as the exhibits say them now</source>
   <translation>Las palabras que ya no son ciertas, como las dicen ahora los elementos</translation>
  </message>
  <message>
   <source>Write a name and what it is made from, for example age_z = z(age).</source>
   <translation>Escriba un nombre y de qué está hecho, por ejemplo age_z = z(age).</translation>
  </message>
  <message>
   <source>Write a number as it shall print, and its unit: {example}. “{text}” is none.</source>
   <translation>Escriba un número como debe imprimirse, y su unidad: {example}. «{text}» no lo es.</translation>
  </message>
  <message>
   <source>Write a package for an archive: data, codebook, exhibits…</source>
   <translation>Escribir un paquete para un archivo: datos, diccionario, elementos…</translation>
  </message>
  <message>
   <source>Write names with commas, or a stretch of them: `{first}` .. `{last}`.</source>
   <translation>Escriba nombres con comas, o una serie de ellos: `{first}` .. `{last}`.</translation>
  </message>
  <message>
   <source>Write the codebook</source>
   <translation>Escribir el diccionario</translation>
  </message>
  <message>
   <source>Write the intake as a report</source>
   <translation>Escribir la entrada como informe</translation>
  </message>
  <message>
   <source>Write the intake as a report…</source>
   <translation>Escribir la entrada como informe…</translation>
  </message>
  <message>
   <source>Writes itself from what was done</source>
   <translation>Se escribe solo a partir de lo hecho</translation>
  </message>
  <message>
   <source>Zero before r and p</source>
   <translation>Cero ante r y p</translation>
  </message>
  <message>
   <source>Zeros</source>
   <translation>Ceros</translation>
  </message>
  <message numerus="yes">
   <source>[an earlier one|an earlier row] in every column.</source>
   <translation>
    <numerusform>una anterior en todas las columnas.</numerusform>
    <numerusform>una fila anterior en todas las columnas.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[case|cases]</source>
   <translation>
    <numerusform>caso</numerusform>
    <numerusform>casos</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[complete case|complete cases]</source>
   <translation>
    <numerusform>caso completo</numerusform>
    <numerusform>casos completos</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[it holds|they hold] the names once more.</source>
   <translation>
    <numerusform>contiene otra vez los nombres.</numerusform>
    <numerusform>contienen otra vez los nombres.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[it reads|they read] “{words}”.</source>
   <translation>
    <numerusform>dice «{words}».</numerusform>
    <numerusform>dicen «{words}».</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[lies|lie] far from the rest, which runs from {low} to {high}.</source>
   <translation>
    <numerusform>está lejos del resto, que va de {low} a {high}.</numerusform>
    <numerusform>están lejos del resto, que va de {low} a {high}.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[row|rows]</source>
   <translation>
    <numerusform>fila</numerusform>
    <numerusform>filas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[row|rows] {rows}</source>
   <translation>
    <numerusform>fila {rows}</numerusform>
    <numerusform>filas {rows}</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[set it aside|set them aside]</source>
   <translation>
    <numerusform>apartarla</numerusform>
    <numerusform>apartarlas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[steps|step] back in time, against the order of the file.</source>
   <translation>
    <numerusform>retrocede en el tiempo, contra el orden del archivo.</numerusform>
    <numerusform>retroceden en el tiempo, contra el orden del archivo.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[tells|tell] who a person is ({held}); marked, it stays out of data that are given away.</source>
   <translation>
    <numerusform>dice quién es una persona ({held}); si se marca, queda fuera de los datos que se entregan.</numerusform>
    <numerusform>dicen quién es una persona ({held}); si se marca, queda fuera de los datos que se entregan.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[tells|tell] who a person is; marked, it stays out of data that are given away.</source>
   <translation>
    <numerusform>dice quién es una persona; si se marca, queda fuera de los datos que se entregan.</numerusform>
    <numerusform>dicen quién es una persona; si se marca, queda fuera de los datos que se entregan.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[variable|variables]</source>
   <translation>
    <numerusform>variable</numerusform>
    <numerusform>variables</numerusform>
   </translation>
  </message>
  <message>
   <source>a PDF document; copy its table and paste it here, or ask for the data it was made from</source>
   <translation>un documento PDF; copie su tabla y péguela aquí, o pida los datos de los que se hizo</translation>
  </message>
  <message>
   <source>a case of its own</source>
   <translation>un caso propio</translation>
  </message>
  <message>
   <source>a codebook needs a column “name” (or “variable”, “field”, …); its columns are {there}.</source>
   <translation>un diccionario necesita una columna «name» (o «variable», «field»…); sus columnas son {there}.</translation>
  </message>
  <message>
   <source>a condition: the cases in use</source>
   <translation>una condición: los casos en uso</translation>
  </message>
  <message>
   <source>a cross-table (count … against …)</source>
   <translation>una tabla cruzada (count … against …)</translation>
  </message>
  <message>
   <source>a curve runs on beyond the values, or ends at the smallest and largest; it ends where values cannot lie beyond</source>
   <translation>una curva sigue más allá de los valores, o acaba en el menor y el mayor; acaba donde no puede haber valores</translation>
  </message>
  <message>
   <source>a data file of a statistics program; in it, {as_text}</source>
   <translation>un archivo de un programa de estadística; en él: {as_text}</translation>
  </message>
  <message>
   <source>a factor: above 1 the curve is smoother, below 1 it is rougher</source>
   <translation>un factor: por encima de 1 la curva es más suave, por debajo más áspera</translation>
  </message>
  <message>
   <source>a file of a row store (Avro, ORC); {as_text}</source>
   <translation>un archivo de un almacén de filas (Avro, ORC); {as_text}</translation>
  </message>
  <message>
   <source>a file of scientific arrays; {as_text}</source>
   <translation>un archivo de matrices científicas; {as_text}</translation>
  </message>
  <message>
   <source>a line for each person over the occasions, and means</source>
   <translation>una línea por persona a lo largo de las ocasiones, y las medias</translation>
  </message>
  <message>
   <source>a line through the dots</source>
   <translation>una línea a través de los puntos</translation>
  </message>
  <message>
   <source>a matrix as tiles</source>
   <translation>una matriz en cuadros</translation>
  </message>
  <message>
   <source>a new paragraph of the manuscript</source>
   <translation>un párrafo nuevo del manuscrito</translation>
  </message>
  <message>
   <source>a norm with which the mean is compared</source>
   <translation>una norma con la que se compara la media</translation>
  </message>
  <message>
   <source>a number</source>
   <translation>un número</translation>
  </message>
  <message>
   <source>a number in the text</source>
   <translation>un número en el texto</translation>
  </message>
  <message>
   <source>a picture; type its numbers into a workbook</source>
   <translation>una imagen; teclee sus números en un libro de cálculo</translation>
  </message>
  <message>
   <source>a program, not data</source>
   <translation>un programa, no datos</translation>
  </message>
  <message>
   <source>a question with {n} answers</source>
   <translation>una pregunta con {n} respuestas</translation>
  </message>
  <message>
   <source>a quote is opened and never closed</source>
   <translation>unas comillas se abren y nunca se cierran</translation>
  </message>
  <message>
   <source>a record of this study cannot be understood.</source>
   <translation>un registro de este estudio no se entiende.</translation>
  </message>
  <message>
   <source>a row is longer than the reader can hold, or has quotes inside a field cut by “{delimiter}”</source>
   <translation>una fila es más larga de lo que se puede leer, o tiene comillas en un campo separado por «{delimiter}»</translation>
  </message>
  <message>
   <source>a sentence with groups (across …)</source>
   <translation>una frase con grupos (across …)</translation>
  </message>
  <message>
   <source>a small count would show as none</source>
   <translation>una frecuencia pequeña parecería ninguna</translation>
  </message>
  <message>
   <source>a smooth curve whose area is the share of cases</source>
   <translation>una curva suave cuya área es la proporción de casos</translation>
  </message>
  <message>
   <source>a table</source>
   <translation>una tabla</translation>
  </message>
  <message>
   <source>a table of items: how well they hang together</source>
   <translation>una tabla de ítems: lo bien que van juntos</translation>
  </message>
  <message>
   <source>a text document; {as_text}</source>
   <translation>un documento de texto; {as_text}</translation>
  </message>
  <message>
   <source>a variable of the codebook from now on</source>
   <translation>desde ahora una variable del diccionario</translation>
  </message>
  <message>
   <source>a whole number</source>
   <translation>un número entero</translation>
  </message>
  <message>
   <source>a workbook or document of an old format; {as_text}</source>
   <translation>un libro o documento de un formato antiguo; {as_text}</translation>
  </message>
  <message>
   <source>abbreviations</source>
   <translation>abreviaturas</translation>
  </message>
  <message>
   <source>absolute value</source>
   <translation>valor absoluto</translation>
  </message>
  <message>
   <source>accept</source>
   <translation>aceptar</translation>
  </message>
  <message>
   <source>accept all</source>
   <translation>aceptar todo</translation>
  </message>
  <message>
   <source>accept all numbers</source>
   <translation>aceptar todos los números</translation>
  </message>
  <message>
   <source>accept numbers</source>
   <translation>aceptar números</translation>
  </message>
  <message>
   <source>accept numbers in the text</source>
   <translation>aceptar números en el texto</translation>
  </message>
  <message>
   <source>accept the number</source>
   <translation>aceptar el número</translation>
  </message>
  <message>
   <source>accept the number in the text</source>
   <translation>aceptar el número en el texto</translation>
  </message>
  <message>
   <source>accept the numbers</source>
   <translation>aceptar los números</translation>
  </message>
  <message>
   <source>account numbers</source>
   <translation>números de cuenta</translation>
  </message>
  <message>
   <source>across</source>
   <translation>a lo ancho</translation>
  </message>
  <message>
   <source>add the appendix</source>
   <translation>añadir el apéndice</translation>
  </message>
  <message>
   <source>add the heading</source>
   <translation>añadir el título</translation>
  </message>
  <message>
   <source>add the paragraph</source>
   <translation>añadir el párrafo</translation>
  </message>
  <message>
   <source>add {name}</source>
   <translation>añadir {name}</translation>
  </message>
  <message>
   <source>adjusted Fisher–Pearson skewness G1</source>
   <translation>asimetría ajustada G1 de Fisher y Pearson</translation>
  </message>
  <message>
   <source>adjusted excess kurtosis G2</source>
   <translation>exceso de curtosis ajustado G2</translation>
  </message>
  <message>
   <source>ages in years and months, read as years</source>
   <translation>edades en años y meses, leídas en años</translation>
  </message>
  <message>
   <source>alike</source>
   <translation>parecidos</translation>
  </message>
  <message>
   <source>alike ones together</source>
   <translation>los parecidos juntos</translation>
  </message>
  <message>
   <source>all</source>
   <translation>todos</translation>
  </message>
  <message>
   <source>all at once</source>
   <translation>todos a la vez</translation>
  </message>
  <message>
   <source>all cases</source>
   <translation>todos los casos</translation>
  </message>
  <message>
   <source>all cases are looked at here, whatever the condition</source>
   <translation>aquí se miran todos los casos, sea cual sea la condición</translation>
  </message>
  <message>
   <source>all cases in use</source>
   <translation>todos los casos en uso</translation>
  </message>
  <message>
   <source>all cases in use again</source>
   <translation>volver a usar todos los casos</translation>
  </message>
  <message>
   <source>all groups alike, or by how many cases they have</source>
   <translation>todos los grupos por igual, o según sus casos</translation>
  </message>
  <message>
   <source>all groups together, after the groups; of frequencies without groups a row of their sum</source>
   <translation>todos los grupos juntos, después de los grupos; en frecuencias sin grupos, una fila con su suma</translation>
  </message>
  <message>
   <source>all of them, as flow</source>
   <translation>todos juntos, como flow</translation>
  </message>
  <message>
   <source>all rows of both</source>
   <translation>todas las filas de ambas</translation>
  </message>
  <message>
   <source>all rows of the source in use</source>
   <translation>todas las filas de la fuente en uso</translation>
  </message>
  <message>
   <source>an archive that is not unpacked here; unpack it, and open the file in it</source>
   <translation>un archivo comprimido que aquí no se descomprime; descomprímalo y abra el archivo que contiene</translation>
  </message>
  <message>
   <source>an exhibit</source>
   <translation>un elemento</translation>
  </message>
  <message>
   <source>an occasion of one {title}</source>
   <translation>una ocasión de {title}</translation>
  </message>
  <message>
   <source>an option is a number or a word, written name = value.</source>
   <translation>una opción es un número o una palabra, escrita nombre = valor.</translation>
  </message>
  <message>
   <source>and another</source>
   <translation>y otra</translation>
  </message>
  <message>
   <source>and its share</source>
   <translation>y su proporción</translation>
  </message>
  <message>
   <source>and stands for</source>
   <translation>y representa</translation>
  </message>
  <message>
   <source>and {n:,} more</source>
   <translation>y {n:,} más</translation>
  </message>
  <message>
   <source>and {n:,} more lie in the future.</source>
   <translation>y {n:,} más están en el futuro.</translation>
  </message>
  <message>
   <source>and …</source>
   <translation>y …</translation>
  </message>
  <message>
   <source>another of {count}</source>
   <translation>otra de {count}</translation>
  </message>
  <message>
   <source>another picture</source>
   <translation>otra imagen</translation>
  </message>
  <message>
   <source>answers in columns</source>
   <translation>respuestas en columnas</translation>
  </message>
  <message>
   <source>are missing in a fifth of the cases or more ({names}).</source>
   <translation>faltan en una quinta parte de los casos o más ({names}).</translation>
  </message>
  <message>
   <source>are missing together in {cases}.</source>
   <translation>faltan juntos ({cases}).</translation>
  </message>
  <message>
   <source>are often 0 ({names}): a mean mixes who has none with how much the others have.</source>
   <translation>valen a menudo 0 ({names}): una media mezcla a quienes no tienen nada con cuánto tienen los demás.</translation>
  </message>
  <message>
   <source>are strongly skewed ({names}): the median describes them better than the mean.</source>
   <translation>son muy asimétricas ({names}): la mediana las describe mejor que la media.</translation>
  </message>
  <message>
   <source>are the same in every case ({names}): they can show no difference.</source>
   <translation>son iguales en todos los casos ({names}): no pueden mostrar ninguna diferencia.</translation>
  </message>
  <message>
   <source>are the same in nearly every case ({names}).</source>
   <translation>son iguales en casi todos los casos ({names}).</translation>
  </message>
  <message>
   <source>areas filled, or outlines alone</source>
   <translation>áreas rellenas, o solo contornos</translation>
  </message>
  <message>
   <source>arithmetic</source>
   <translation>cálculo</translation>
  </message>
  <message>
   <source>arithmetic mean</source>
   <translation>media aritmética</translation>
  </message>
  <message>
   <source>as a condition</source>
   <translation>como condición</translation>
  </message>
  <message>
   <source>as bands</source>
   <translation>como clases</translation>
  </message>
  <message>
   <source>as fits</source>
   <translation>como convenga</translation>
  </message>
  <message>
   <source>as kept</source>
   <translation>como se conservó</translation>
  </message>
  <message>
   <source>as many as {title} says</source>
   <translation>tantos como indica {title}</translation>
  </message>
  <message>
   <source>as the system</source>
   <translation>como el sistema</translation>
  </message>
  <message>
   <source>at a glance</source>
   <translation>de un vistazo</translation>
  </message>
  <message>
   <source>at least</source>
   <translation>al menos</translation>
  </message>
  <message>
   <source>at most</source>
   <translation>como máximo</translation>
  </message>
  <message>
   <source>at the Bench</source>
   <translation>en la mesa</translation>
  </message>
  <message>
   <source>at the data</source>
   <translation>en los datos</translation>
  </message>
  <message>
   <source>back to back</source>
   <translation>espalda con espalda</translation>
  </message>
  <message>
   <source>bands</source>
   <translation>clases</translation>
  </message>
  <message>
   <source>bandwidth × {factor:.3g}, drag to smooth</source>
   <translation>ancho de banda × {factor:.3g}, arrastre para suavizar</translation>
  </message>
  <message>
   <source>bar</source>
   <translation>barra vertical</translation>
  </message>
  <message>
   <source>bars</source>
   <translation>barras</translation>
  </message>
  <message>
   <source>bars around each line</source>
   <translation>barras alrededor de cada línea</translation>
  </message>
  <message>
   <source>bars one by one, their outline in steps, or a line through the middles of their tops</source>
   <translation>las barras una a una, su contorno en escalones, o una línea por los centros de sus cimas</translation>
  </message>
  <message>
   <source>bars over class intervals</source>
   <translation>barras sobre clases</translation>
  </message>
  <message>
   <source>bars, or cases of a missing map, sorted by what they show</source>
   <translation>barras, o casos de un mapa de perdidos, ordenados por lo que muestran</translation>
  </message>
  <message>
   <source>being made</source>
   <translation>en preparación</translation>
  </message>
  <message>
   <source>below 10</source>
   <translation>menos de 10</translation>
  </message>
  <message>
   <source>below 3</source>
   <translation>menos de 3</translation>
  </message>
  <message>
   <source>below 5</source>
   <translation>menos de 5</translation>
  </message>
  <message>
   <source>beside each other</source>
   <translation>uno junto a otro</translation>
  </message>
  <message>
   <source>beside it</source>
   <translation>al lado</translation>
  </message>
  <message>
   <source>binary</source>
   <translation>binaria</translation>
  </message>
  <message>
   <source>blank</source>
   <translation>vacío</translation>
  </message>
  <message>
   <source>both</source>
   <translation>ambos</translation>
  </message>
  <message>
   <source>both must hold</source>
   <translation>ambas deben cumplirse</translation>
  </message>
  <message>
   <source>both values of if( ) are texts, or none is.</source>
   <translation>los dos valores de if( ) son textos, o ninguno.</translation>
  </message>
  <message>
   <source>bring back</source>
   <translation>recuperar</translation>
  </message>
  <message>
   <source>bring back the cases set aside</source>
   <translation>recuperar los casos apartados</translation>
  </message>
  <message>
   <source>bring in</source>
   <translation>traer</translation>
  </message>
  <message>
   <source>by cases</source>
   <translation>según los casos</translation>
  </message>
  <message>
   <source>by codebook</source>
   <translation>según el diccionario</translation>
  </message>
  <message>
   <source>by ranks</source>
   <translation>según los rangos</translation>
  </message>
  <message>
   <source>by the data</source>
   <translation>según los datos</translation>
  </message>
  <message>
   <source>by the form</source>
   <translation>según la forma</translation>
  </message>
  <message>
   <source>by the groups</source>
   <translation>según los grupos</translation>
  </message>
  <message>
   <source>by the names</source>
   <translation>según los nombres</translation>
  </message>
  <message>
   <source>by variable</source>
   <translation>por variable</translation>
  </message>
  <message>
   <source>by what can be</source>
   <translation>según lo posible</translation>
  </message>
  <message>
   <source>by what is drawn</source>
   <translation>según lo dibujado</translation>
  </message>
  <message>
   <source>by {name}</source>
   <translation>por {name}</translation>
  </message>
  <message>
   <source>can be read in two ways; choose which</source>
   <translation>puede leerse de dos maneras; elija cuál</translation>
  </message>
  <message>
   <source>cancel</source>
   <translation>cancelar</translation>
  </message>
  <message>
   <source>cannot be made</source>
   <translation>no puede hacerse</translation>
  </message>
  <message>
   <source>cannot be made: {trouble}</source>
   <translation>no puede hacerse: {trouble}</translation>
  </message>
  <message>
   <source>case {row}</source>
   <translation>caso {row}</translation>
  </message>
  <message>
   <source>cases without one of two values, or without any of all values, are left out</source>
   <translation>los casos sin uno de dos valores, o sin alguno de todos, se omiten</translation>
  </message>
  <message>
   <source>cases ▴</source>
   <translation>casos ▴</translation>
  </message>
  <message>
   <source>causal words</source>
   <translation>palabras de causa</translation>
  </message>
  <message>
   <source>cells</source>
   <translation>celdas</translation>
  </message>
  <message>
   <source>change its formula</source>
   <translation>cambiar su fórmula</translation>
  </message>
  <message>
   <source>change {number} of this study cannot be made again: {message}</source>
   <translation>el cambio {number} de este estudio no puede repetirse: {message}</translation>
  </message>
  <message>
   <source>changes of this study are missing.</source>
   <translation>faltan cambios de este estudio.</translation>
  </message>
  <message>
   <source>check the logarithm</source>
   <translation>comprobar el logaritmo</translation>
  </message>
  <message>
   <source>choose .docx, .html, .csv or .json, or add “as histogram”</source>
   <translation>elija .docx, .html, .csv o .json, o añada «as histogram»</translation>
  </message>
  <message>
   <source>choose a table or a figure to copy</source>
   <translation>elija una tabla o una figura para copiar</translation>
  </message>
  <message>
   <source>class bands between cuts</source>
   <translation>clases entre cortes</translation>
  </message>
  <message>
   <source>close</source>
   <translation>cerrar</translation>
  </message>
  <message>
   <source>close a panel</source>
   <translation>cerrar un panel</translation>
  </message>
  <message>
   <source>close the cases drawer</source>
   <translation>cerrar el cajón de los casos</translation>
  </message>
  <message>
   <source>closed is left (a cut belongs to the band above it) or right.</source>
   <translation>closed es left (un corte es de la clase de encima) o right.</translation>
  </message>
  <message>
   <source>clusters</source>
   <translation>conglomerados</translation>
  </message>
  <message>
   <source>clusters by {title}</source>
   <translation>conglomerados según {title}</translation>
  </message>
  <message>
   <source>codebook</source>
   <translation>diccionario</translation>
  </message>
  <message>
   <source>codebook from {name}</source>
   <translation>diccionario de {name}</translation>
  </message>
  <message>
   <source>codes for “no answer”</source>
   <translation>códigos de «sin respuesta»</translation>
  </message>
  <message>
   <source>coefficient of variation, %</source>
   <translation>coeficiente de variación, %</translation>
  </message>
  <message>
   <source>column {place} of {name}</source>
   <translation>columna {place} de {name}</translation>
  </message>
  <message>
   <source>columns</source>
   <translation>columnas</translation>
  </message>
  <message>
   <source>columns of fixed width</source>
   <translation>columnas de ancho fijo</translation>
  </message>
  <message>
   <source>comes before {earlier} in {cases}; in all others it comes after.</source>
   <translation>va antes de {earlier} ({cases}); si no, siempre después.</translation>
  </message>
  <message>
   <source>comma</source>
   <translation>coma</translation>
  </message>
  <message>
   <source>compare {other}</source>
   <translation>comparar {other}</translation>
  </message>
  <message>
   <source>complete cases</source>
   <translation>casos completos</translation>
  </message>
  <message>
   <source>complete rows</source>
   <translation>filas completas</translation>
  </message>
  <message>
   <source>composite of the chosen</source>
   <translation>componer las elegidas</translation>
  </message>
  <message>
   <source>confidence interval</source>
   <translation>intervalo de confianza</translation>
  </message>
  <message>
   <source>confidence interval of the mean</source>
   <translation>intervalo de confianza de la media</translation>
  </message>
  <message>
   <source>confidence interval of the median</source>
   <translation>intervalo de confianza de la mediana</translation>
  </message>
  <message>
   <source>confidence intervals of percentages or coefficients; the band of a cumulative curve</source>
   <translation>intervalos de confianza de porcentajes o coeficientes; la banda de una curva acumulada</translation>
  </message>
  <message>
   <source>continuous</source>
   <translation>continua</translation>
  </message>
  <message>
   <source>copies</source>
   <translation>copias</translation>
  </message>
  <message>
   <source>copy</source>
   <translation>copiar</translation>
  </message>
  <message>
   <source>copy this working as text</source>
   <translation>copiar este cálculo como texto</translation>
  </message>
  <message>
   <source>correlation and association</source>
   <translation>correlación y asociación</translation>
  </message>
  <message>
   <source>count</source>
   <translation>recuento</translation>
  </message>
  <message>
   <source>count it as an answer in {names}</source>
   <translation>contar como respuesta en {names}</translation>
  </message>
  <message>
   <source>count them one by one</source>
   <translation>contarlos uno por uno</translation>
  </message>
  <message>
   <source>count {codes} as an answer</source>
   <translation>contar {codes} como respuesta</translation>
  </message>
  <message>
   <source>counts below this are hidden, and what would give them away</source>
   <translation>los recuentos menores se ocultan, y lo que los delataría</translation>
  </message>
  <message>
   <source>counts or shares as bars</source>
   <translation>recuentos o proporciones en barras</translation>
  </message>
  <message>
   <source>crossed with another</source>
   <translation>cruzada con otra</translation>
  </message>
  <message>
   <source>dark</source>
   <translation>oscuro</translation>
  </message>
  <message>
   <source>data of this study are missing.</source>
   <translation>faltan datos de este estudio.</translation>
  </message>
  <message>
   <source>date</source>
   <translation>fecha</translation>
  </message>
  <message>
   <source>dates</source>
   <translation>fechas</translation>
  </message>
  <message>
   <source>dates and times written YYYYMMDDhhmmss.</source>
   <translation>fechas y horas escritas AAAAMMDDhhmmss.</translation>
  </message>
  <message>
   <source>dates out of order</source>
   <translation>fechas desordenadas</translation>
  </message>
  <message>
   <source>dates written YYMMDD.</source>
   <translation>fechas escritas AAMMDD.</translation>
  </message>
  <message>
   <source>dates written YYYYMMDD.</source>
   <translation>fechas escritas AAAAMMDD.</translation>
  </message>
  <message>
   <source>day</source>
   <translation>día</translation>
  </message>
  <message>
   <source>day first</source>
   <translation>día primero</translation>
  </message>
  <message>
   <source>day of the month</source>
   <translation>día del mes</translation>
  </message>
  <message>
   <source>day of the week, 1 for Monday</source>
   <translation>día de la semana, 1 para el lunes</translation>
  </message>
  <message>
   <source>decimal comma</source>
   <translation>coma decimal</translation>
  </message>
  <message>
   <source>decimal mark</source>
   <translation>signo decimal</translation>
  </message>
  <message>
   <source>decimal point</source>
   <translation>punto decimal</translation>
  </message>
  <message>
   <source>decimals are a whole number from 0 to 15; “{word}” is none.</source>
   <translation>los decimales son un número entero de 0 a 15; «{word}» no lo es.</translation>
  </message>
  <message>
   <source>decimals of measures in print</source>
   <translation>decimales de las medidas al imprimir</translation>
  </message>
  <message>
   <source>decimals of {variable}</source>
   <translation>decimales de {variable}</translation>
  </message>
  <message>
   <source>degrees, minutes and seconds, read as degrees, south and west below 0 ({number} for “{word}”).</source>
   <translation>grados, minutos y segundos, leídos como grados, sur y oeste bajo 0 ({number} para «{word}»).</translation>
  </message>
  <message>
   <source>delimiter</source>
   <translation>delimitador</translation>
  </message>
  <message>
   <source>density</source>
   <translation>densidad</translation>
  </message>
  <message>
   <source>derive</source>
   <translation>derivar</translation>
  </message>
  <message>
   <source>derive bands that part them</source>
   <translation>derivar clases que las separen</translation>
  </message>
  <message>
   <source>derive its logarithm</source>
   <translation>derivar su logaritmo</translation>
  </message>
  <message>
   <source>derive the first number</source>
   <translation>derivar el primer número</translation>
  </message>
  <message>
   <source>derive the second</source>
   <translation>derivar el segundo</translation>
  </message>
  <message>
   <source>derive whether {name} is above 0</source>
   <translation>derivar si {name} es mayor que 0</translation>
  </message>
  <message>
   <source>derive whether {name} is “{word}”</source>
   <translation>derivar si {name} es «{word}»</translation>
  </message>
  <message>
   <source>derive {name}</source>
   <translation>derivar {name}</translation>
  </message>
  <message>
   <source>describe by medians</source>
   <translation>describir con medianas</translation>
  </message>
  <message>
   <source>describe … across …    click a variable, or type</source>
   <translation>describe … across …    haga clic en una variable, o escriba</translation>
  </message>
  <message>
   <source>descriptive statistics, and the distribution as a figure</source>
   <translation>estadísticos descriptivos, y la distribución como figura</translation>
  </message>
  <message>
   <source>difference</source>
   <translation>diferencia</translation>
  </message>
  <message>
   <source>distance from the mean</source>
   <translation>distancia a la media</translation>
  </message>
  <message>
   <source>distinct</source>
   <translation>distintos</translation>
  </message>
  <message>
   <source>divide by {factor}</source>
   <translation>dividir entre {factor}</translation>
  </message>
  <message>
   <source>do the words still hold?</source>
   <translation>¿siguen siendo ciertas las palabras?</translation>
  </message>
  <message>
   <source>draw it</source>
   <translation>dibujarlo</translation>
  </message>
  <message>
   <source>drawn again</source>
   <translation>redibujada</translation>
  </message>
  <message>
   <source>duplicate</source>
   <translation>duplicar</translation>
  </message>
  <message>
   <source>durations, read as hours</source>
   <translation>duraciones, leídas como horas</translation>
  </message>
  <message>
   <source>durations, read as minutes</source>
   <translation>duraciones, leídas como minutos</translation>
  </message>
  <message>
   <source>durations, read as seconds</source>
   <translation>duraciones, leídas como segundos</translation>
  </message>
  <message>
   <source>each class or value with all below it</source>
   <translation>cada clase o valor con todos los inferiores</translation>
  </message>
  <message>
   <source>each row counts as one, though the rows of the study are weighted</source>
   <translation>cada fila cuenta como una, aunque las filas del estudio están ponderadas</translation>
  </message>
  <message>
   <source>each row is a case of its own</source>
   <translation>cada fila es un caso propio</translation>
  </message>
  <message>
   <source>each row stands for {name} cases</source>
   <translation>cada fila representa tantos casos como indica {name}</translation>
  </message>
  <message>
   <source>each {name} has several rows</source>
   <translation>cada {name} tiene varias filas</translation>
  </message>
  <message>
   <source>edit the methods text</source>
   <translation>editar el texto del método</translation>
  </message>
  <message>
   <source>edit the notes</source>
   <translation>editar las notas</translation>
  </message>
  <message>
   <source>edit the paragraph</source>
   <translation>editar el párrafo</translation>
  </message>
  <message>
   <source>edit the results text</source>
   <translation>editar el texto de resultados</translation>
  </message>
  <message>
   <source>edit the title</source>
   <translation>editar el título</translation>
  </message>
  <message>
   <source>edited by hand</source>
   <translation>editado a mano</translation>
  </message>
  <message>
   <source>encoding</source>
   <translation>codificación</translation>
  </message>
  <message>
   <source>equal factors are equally far apart</source>
   <translation>factores iguales están a igual distancia</translation>
  </message>
  <message>
   <source>equal to</source>
   <translation>igual a</translation>
  </message>
  <message>
   <source>every case as a dot</source>
   <translation>cada caso como un punto</translation>
  </message>
  <message>
   <source>every case as a dot besides</source>
   <translation>y además cada caso como un punto</translation>
  </message>
  <message>
   <source>every pair of more than two groups, with p for all of them together</source>
   <translation>cada par de más de dos grupos, con p para todos juntos</translation>
  </message>
  <message>
   <source>every variable that is continuous or a count</source>
   <translation>toda variable continua o de recuento</translation>
  </message>
  <message>
   <source>every variable whose values are counted one by one</source>
   <translation>toda variable cuyos valores se cuentan uno a uno</translation>
  </message>
  <message>
   <source>everywhere</source>
   <translation>en todas partes</translation>
  </message>
  <message>
   <source>exchange the exhibit</source>
   <translation>sustituir el elemento</translation>
  </message>
  <message>
   <source>exponential</source>
   <translation>exponencial</translation>
  </message>
  <message>
   <source>expression…</source>
   <translation>expresión…</translation>
  </message>
  <message>
   <source>fences</source>
   <translation>vallas</translation>
  </message>
  <message>
   <source>finding cases</source>
   <translation>buscando casos</translation>
  </message>
  <message>
   <source>first and third quartile</source>
   <translation>primer y tercer cuartil</translation>
  </message>
  <message>
   <source>first quartile</source>
   <translation>primer cuartil</translation>
  </message>
  <message>
   <source>first values</source>
   <translation>primeros valores</translation>
  </message>
  <message>
   <source>first, second, … number in a text such as 136/80</source>
   <translation>primer, segundo, … número de un texto como 136/80</translation>
  </message>
  <message>
   <source>fitting the levels</source>
   <translation>según los niveles</translation>
  </message>
  <message>
   <source>flags beside its numbers ({flags}) were left out.</source>
   <translation>se dejaron fuera las marcas junto a sus números ({flags}).</translation>
  </message>
  <message>
   <source>fold the {n}</source>
   <translation>plegar los {n}</translation>
  </message>
  <message>
   <source>footnote marks beside its numbers were left out.</source>
   <translation>las llamadas de nota junto a los números se dejaron fuera.</translation>
  </message>
  <message>
   <source>for each point by itself, or for all points at once</source>
   <translation>para cada punto por sí solo, o para todos a la vez</translation>
  </message>
  <message>
   <source>for example 86.6 min, with at most 15 decimals</source>
   <translation>por ejemplo 86.6 min, con 15 decimales como máximo</translation>
  </message>
  <message>
   <source>for example age &gt;= 18</source>
   <translation>por ejemplo age &gt;= 18</translation>
  </message>
  <message>
   <source>for this exhibit only</source>
   <translation>solo para este elemento</translation>
  </message>
  <message>
   <source>formula of {name}</source>
   <translation>fórmula de {name}</translation>
  </message>
  <message>
   <source>found out</source>
   <translation>averiguado</translation>
  </message>
  <message>
   <source>frequencies (count without against)</source>
   <translation>frecuencias (count sin against)</translation>
  </message>
  <message>
   <source>frequencies; with “against” a cross-table</source>
   <translation>frecuencias; con «against» una tabla cruzada</translation>
  </message>
  <message>
   <source>frequency</source>
   <translation>frecuencia</translation>
  </message>
  <message>
   <source>from all rows to the cases analysed, in boxes</source>
   <translation>de todas las filas a los casos analizados, en recuadros</translation>
  </message>
  <message>
   <source>from one value to another, both included</source>
   <translation>de un valor a otro, ambos incluidos</translation>
  </message>
  <message>
   <source>from {low} to {high}</source>
   <translation>de {low} a {high}</translation>
  </message>
  <message>
   <source>geometric mean</source>
   <translation>media geométrica</translation>
  </message>
  <message>
   <source>give it a name</source>
   <translation>dar un nombre</translation>
  </message>
  <message>
   <source>gravest first</source>
   <translation>lo más grave primero</translation>
  </message>
  <message>
   <source>groups in rows</source>
   <translation>grupos en filas</translation>
  </message>
  <message>
   <source>groups in rows or side by side; the statistics one under the other; a column for each variable; or for each answer</source>
   <translation>grupos en filas o uno junto a otro; los estadísticos uno bajo otro; una columna por variable; o por respuesta</translation>
  </message>
  <message>
   <source>groups side by side</source>
   <translation>grupos uno junto a otro</translation>
  </message>
  <message>
   <source>half-years, read as their first days.</source>
   <translation>semestres, leídos como sus primeros días.</translation>
  </message>
  <message>
   <source>harmonic mean</source>
   <translation>media armónica</translation>
  </message>
  <message>
   <source>has another whole number in each of {cases}: an identifier?</source>
   <translation>tiene cada vez otro número entero ({cases}): ¿un identificador?</translation>
  </message>
  <message>
   <source>have a value far from the rest ({names}).</source>
   <translation>tienen un valor lejos de los demás ({names}).</translation>
  </message>
  <message>
   <source>have two humps or more ({names}): one mean hides them.</source>
   <translation>tienen dos jorobas o más ({names}): una sola media las oculta.</translation>
  </message>
  <message>
   <source>high contrast</source>
   <translation>contraste alto</translation>
  </message>
  <message>
   <source>highest</source>
   <translation>más altos</translation>
  </message>
  <message>
   <source>highest values and their cases</source>
   <translation>valores más altos y sus casos</translation>
  </message>
  <message>
   <source>hold only a few whole numbers ({names}): codes rather than measures?</source>
   <translation>contienen solo unos pocos números enteros ({names}): ¿códigos más que medidas?</translation>
  </message>
  <message>
   <source>holds only {n} whole numbers, {low} to {high}: codes rather than measures?</source>
   <translation>solo tiene {n} números enteros, de {low} a {high}: ¿códigos más que medidas?</translation>
  </message>
  <message>
   <source>holds only {one} and {other}: two answers, not a measure?</source>
   <translation>solo tiene {one} y {other}: ¿dos respuestas, no una medida?</translation>
  </message>
  <message>
   <source>holds two numbers in a cell (“{two}”), so it was left as text.</source>
   <translation>contiene dos números en una celda («{two}»), por eso quedó como texto.</translation>
  </message>
  <message>
   <source>hours and minutes, read as hours</source>
   <translation>horas y minutos, leídos como horas</translation>
  </message>
  <message>
   <source>how far each count lies from the expected one, in standard errors</source>
   <translation>cuánto dista cada recuento del esperado, en errores estándar</translation>
  </message>
  <message>
   <source>how far two raters or methods agree: kappa, intraclass correlations, limits of agreement</source>
   <translation>hasta qué punto coinciden dos jueces o métodos: kappa, correlaciones intraclase, límites de acuerdo</translation>
  </message>
  <message>
   <source>how groups share the figure</source>
   <translation>cómo comparten los grupos la figura</translation>
  </message>
  <message>
   <source>how many have a value</source>
   <translation>cuántos tienen un valor</translation>
  </message>
  <message>
   <source>how many interquartile ranges beyond the quartiles a value is an outlier</source>
   <translation>a cuántos rangos intercuartílicos de los cuartiles un valor es atípico</translation>
  </message>
  <message>
   <source>how many of the variables have a value</source>
   <translation>cuántas de las variables tienen un valor</translation>
  </message>
  <message>
   <source>how much the groups differ: a standardized difference with its interval; of correlations by Fisher’s z</source>
   <translation>cuánto difieren los grupos: una diferencia estandarizada con su intervalo; en correlaciones, por la z de Fisher</translation>
  </message>
  <message>
   <source>how often the mode occurs</source>
   <translation>cuántas veces aparece la moda</translation>
  </message>
  <message>
   <source>how the bandwidth of a density is found</source>
   <translation>cómo se halla el ancho de banda de una densidad</translation>
  </message>
  <message>
   <source>how the means of persons who have several rows go together</source>
   <translation>cómo van juntas las medias de personas con varias filas</translation>
  </message>
  <message>
   <source>how the width of the classes is found</source>
   <translation>cómo se halla la anchura de las clases</translation>
  </message>
  <message>
   <source>how two shares in two groups are compared; d_z standardizes changes within persons by their own spread</source>
   <translation>cómo se comparan dos proporciones en dos grupos; d_z estandariza los cambios de las personas por su propia dispersión</translation>
  </message>
  <message>
   <source>how values move together in the rows of one person</source>
   <translation>cómo se mueven juntos los valores en las filas de una persona</translation>
  </message>
  <message>
   <source>how wide the figure is on paper</source>
   <translation>la anchura de la figura en el papel</translation>
  </message>
  <message>
   <source>humps</source>
   <translation>jorobas</translation>
  </message>
  <message>
   <source>identifier</source>
   <translation>identificador</translation>
  </message>
  <message>
   <source>in an empty sentence: the sentences before</source>
   <translation>en una frase vacía: las frases anteriores</translation>
  </message>
  <message>
   <source>in another unit</source>
   <translation>en otra unidad</translation>
  </message>
  <message>
   <source>in its steady steps; the largest from {first} to {last}.</source>
   <translation>en sus pasos regulares; el mayor de {first} a {last}.</translation>
  </message>
  <message>
   <source>in memory</source>
   <translation>en memoria</translation>
  </message>
  <message>
   <source>in no order</source>
   <translation>sin orden</translation>
  </message>
  <message>
   <source>in panels</source>
   <translation>en paneles</translation>
  </message>
  <message>
   <source>in rows that overlap</source>
   <translation>en filas que se solapan</translation>
  </message>
  <message>
   <source>in the note</source>
   <translation>en la nota</translation>
  </message>
  <message>
   <source>in the sentence: go to the offers</source>
   <translation>en la frase: ir a las sugerencias</translation>
  </message>
  <message>
   <source>in the sentence: take the first offer</source>
   <translation>en la frase: tomar la primera sugerencia</translation>
  </message>
  <message>
   <source>in the table</source>
   <translation>en la tabla</translation>
  </message>
  <message>
   <source>in the text</source>
   <translation>en el texto</translation>
  </message>
  <message>
   <source>in {name}, {cases}: {words}.</source>
   <translation>en {name}, {cases}: {words}.</translation>
  </message>
  <message>
   <source>in {name}: {kinds}.</source>
   <translation>en {name}: {kinds}.</translation>
  </message>
  <message numerus="yes">
   <source>in {name}: {texts}. {n:,} [case counts|cases count] as missing until then.</source>
   <translation>
    <numerusform>en {name}: {texts}. {n:,} caso cuenta como perdido hasta entonces.</numerusform>
    <numerusform>en {name}: {texts}. {n:,} casos cuentan como perdidos hasta entonces.</numerusform>
   </translation>
  </message>
  <message>
   <source>in {n} columns: {names}</source>
   <translation>en {n} columnas: {names}</translation>
  </message>
  <message>
   <source>in {role} by</source>
   <translation>en {role} según</translation>
  </message>
  <message>
   <source>interquartile range</source>
   <translation>rango intercuartílico</translation>
  </message>
  <message>
   <source>is 0 in {zeros:,} of {n:,} cases: a mean mixes who has none with how much the others have.</source>
   <translation>es 0 en {zeros:,} de {n:,} casos: una media mezcla quién no tiene nada con cuánto tienen los demás.</translation>
  </message>
  <message>
   <source>is about {factor} times the rest, which runs from {low} to {high}: another unit?</source>
   <translation>es unas {factor} veces el resto, que va de {low} a {high}: ¿otra unidad?</translation>
  </message>
  <message>
   <source>is missing</source>
   <translation>falta</translation>
  </message>
  <message numerus="yes">
   <source>is missing in {missing:,} of {n:,} [case|cases] ({share:.0f} %).</source>
   <translation>
    <numerusform>falta en {missing:,} de {n:,} caso ({share:.0f} %).</numerusform>
    <numerusform>falta en {missing:,} de {n:,} casos ({share:.0f} %).</numerusform>
   </translation>
  </message>
  <message>
   <source>is missing, or is not missing</source>
   <translation>falta, o no falta</translation>
  </message>
  <message>
   <source>is not in the study any more</source>
   <translation>ya no está en el estudio</translation>
  </message>
  <message>
   <source>is not missing</source>
   <translation>no falta</translation>
  </message>
  <message>
   <source>is strongly skewed (G1 = {skewness}): the median describes it better than the mean.</source>
   <translation>es muy asimétrica (G1 = {skewness}): la mediana la describe mejor que la media.</translation>
  </message>
  <message>
   <source>is the same as {name}.</source>
   <translation>es lo mismo que {name}.</translation>
  </message>
  <message>
   <source>is {name} times {factor} (r = {r}).</source>
   <translation>es {name} por {factor} (r = {r}).</translation>
  </message>
  <message>
   <source>is “{value}” in all but {cases}.</source>
   <translation>es «{value}» en todos, salvo {cases}.</translation>
  </message>
  <message>
   <source>is “{value}” in every case: it can show no difference.</source>
   <translation>es «{value}» en todos los casos: no puede mostrar ninguna diferencia.</translation>
  </message>
  <message>
   <source>is “{word}” or nothing, in {cases} nothing: does nothing mean no?</source>
   <translation>es «{word}» o nada, nada en {cases}: ¿nada quiere decir no?</translation>
  </message>
  <message>
   <source>it cannot be read as a workbook. Save it again from a spreadsheet program, or as delimited text (.csv).</source>
   <translation>no puede leerse como libro de cálculo. Guárdelo de nuevo desde una hoja de cálculo, o como texto con separadores (.csv).</translation>
  </message>
  <message>
   <source>it does not hold its estimate</source>
   <translation>no contiene su estimación</translation>
  </message>
  <message>
   <source>it is not in the exhibit any more</source>
   <translation>ya no está en el elemento</translation>
  </message>
  <message>
   <source>it is read-only</source>
   <translation>es de solo lectura</translation>
  </message>
  <message>
   <source>it lies beyond 1</source>
   <translation>supera 1</translation>
  </message>
  <message>
   <source>it was not found: taken out, or rewritten</source>
   <translation>no se encontró: se quitó o se reescribió</translation>
  </message>
  <message>
   <source>item turned round on its scale</source>
   <translation>ítem invertido en su escala</translation>
  </message>
  <message>
   <source>its cell cannot be told from others in the table as it is</source>
   <translation>su celda no se distingue de otras en la tabla tal como está</translation>
  </message>
  <message>
   <source>its dates are written in several ways; each was read in its own.</source>
   <translation>sus fechas están escritas de varias formas; cada una se leyó en la suya.</translation>
  </message>
  <message>
   <source>its dates can be read either way; the day comes first, as in the other columns.</source>
   <translation>sus fechas se pueden leer de dos maneras; el día va primero, como en las otras columnas.</translation>
  </message>
  <message>
   <source>its dates can be read either way; the month comes first, as in the other columns.</source>
   <translation>sus fechas se pueden leer de dos maneras; el mes va primero, como en las otras columnas.</translation>
  </message>
  <message>
   <source>its exhibits do not say that any more</source>
   <translation>sus elementos ya no dicen eso</translation>
  </message>
  <message>
   <source>its last good copy is “{copy}” beside it: open that</source>
   <translation>su última copia buena es «{copy}», a su lado: ábrala</translation>
  </message>
  <message>
   <source>its lower limit is above the upper one</source>
   <translation>su límite inferior supera al superior</translation>
  </message>
  <message>
   <source>its mark is gone here, so it was left as it is</source>
   <translation>aquí falta su marca, así que se dejó como está</translation>
  </message>
  <message>
   <source>its name says times of day, and it was read as decimal numbers; if {value} is {clock}, write it with a colon.</source>
   <translation>su nombre dice horas del día, y se leyó como números decimales; si {value} es {clock}, escríbalo con dos puntos.</translation>
  </message>
  <message>
   <source>its name says years and months, and it was read as decimal numbers; write {example} for eight years and ten months.</source>
   <translation>su nombre habla de años y meses, y se leyó como números decimales; escriba {example} para ocho años y diez meses.</translation>
  </message>
  <message numerus="yes">
   <source>its names are {names}; {n:,} [row follows|rows follow].</source>
   <translation>
    <numerusform>sus nombres son {names}; sigue {n:,} fila.</numerusform>
    <numerusform>sus nombres son {names}; siguen {n:,} filas.</numerusform>
   </translation>
  </message>
  <message>
   <source>its numbers are in several units ({units}); it was left as text.</source>
   <translation>sus números están en varias unidades ({units}); la columna quedó como texto.</translation>
  </message>
  <message numerus="yes">
   <source>its numbers are read in {unit}; [one of them names|{n:,} different ones name] no unit.</source>
   <translation>
    <numerusform>sus números se leen en {unit}; uno de ellos no indica unidad.</numerusform>
    <numerusform>sus números se leen en {unit}; {n:,} distintos no indican unidad.</numerusform>
   </translation>
  </message>
  <message>
   <source>its numbers may be {unit} since 1970 ({number} would be {day}).</source>
   <translation>sus números pueden ser {unit} desde 1970 ({number} sería {day}).</translation>
  </message>
  <message>
   <source>its p is between {low} and {high}</source>
   <translation>su p está entre {low} y {high}</translation>
  </message>
  <message>
   <source>its p is {low}</source>
   <translation>su p es {low}</translation>
  </message>
  <message>
   <source>its two-digit years were read as {span}.</source>
   <translation>sus años de dos cifras se leyeron como {span}.</translation>
  </message>
  <message>
   <source>joined by {name}</source>
   <translation>unidos por {name}</translation>
  </message>
  <message>
   <source>keep</source>
   <translation>conservar</translation>
  </message>
  <message>
   <source>keep all {n} names</source>
   <translation>conservar los {n} nombres</translation>
  </message>
  <message>
   <source>keep it</source>
   <translation>conservarla</translation>
  </message>
  <message>
   <source>keep the exhibit</source>
   <translation>conservar el elemento</translation>
  </message>
  <message>
   <source>keep the name</source>
   <translation>conservar el nombre</translation>
  </message>
  <message>
   <source>keep this and add another condition</source>
   <translation>conservar esto y añadir otra condición</translation>
  </message>
  <message>
   <source>key: variables that both have</source>
   <translation>clave: variables que tienen ambas</translation>
  </message>
  <message>
   <source>key: what says which rows belong to one case</source>
   <translation>clave: lo que dice qué filas son de un caso</translation>
  </message>
  <message>
   <source>key: what says which rows belong to one person or group</source>
   <translation>clave: lo que dice qué filas son de una persona o grupo</translation>
  </message>
  <message>
   <source>kurtosis</source>
   <translation>curtosis</translation>
  </message>
  <message>
   <source>kurtosis over its standard error</source>
   <translation>curtosis entre su error estándar</translation>
  </message>
  <message>
   <source>label</source>
   <translation>etiqueta</translation>
  </message>
  <message>
   <source>largest minus smallest value</source>
   <translation>valor mayor menos valor menor</translation>
  </message>
  <message>
   <source>largest value</source>
   <translation>valor mayor</translation>
  </message>
  <message>
   <source>largest value over variables of the same case</source>
   <translation>valor mayor entre variables del mismo caso</translation>
  </message>
  <message>
   <source>last values</source>
   <translation>últimos valores</translation>
  </message>
  <message>
   <source>lay a codebook file over the variables</source>
   <translation>aplicar un archivo de diccionario a las variables</translation>
  </message>
  <message>
   <source>leave</source>
   <translation>dejar</translation>
  </message>
  <message>
   <source>leave out</source>
   <translation>omitir</translation>
  </message>
  <message>
   <source>leave out {names}</source>
   <translation>omitir {names}</translation>
  </message>
  <message>
   <source>leave out {name}</source>
   <translation>omitir {name}</translation>
  </message>
  <message>
   <source>leave them out</source>
   <translation>omitirlas</translation>
  </message>
  <message>
   <source>leave “{word}” out, or name a measured variable</source>
   <translation>quite «{word}», o nombre una variable medida</translation>
  </message>
  <message>
   <source>left</source>
   <translation>a la izquierda</translation>
  </message>
  <message>
   <source>left out</source>
   <translation>omitida</translation>
  </message>
  <message>
   <source>let it stand</source>
   <translation>dejarlo así</translation>
  </message>
  <message>
   <source>let the words stand</source>
   <translation>dejar las palabras así</translation>
  </message>
  <message>
   <source>lies in the future.</source>
   <translation>está en el futuro.</translation>
  </message>
  <message>
   <source>light</source>
   <translation>claro</translation>
  </message>
  <message>
   <source>limit the cases in use</source>
   <translation>limitar los casos en uso</translation>
  </message>
  <message>
   <source>line</source>
   <translation>línea</translation>
  </message>
  <message>
   <source>line {line:,} (“{text}”)</source>
   <translation>línea {line:,} («{text}»)</translation>
  </message>
  <message>
   <source>line {line_num} is no CSV ({error}).</source>
   <translation>la línea {line_num} no es CSV ({error}).</translation>
  </message>
  <message>
   <source>line {number}</source>
   <translation>línea {number}</translation>
  </message>
  <message>
   <source>listwise</source>
   <translation>por casos completos</translation>
  </message>
  <message>
   <source>logarithm</source>
   <translation>logaritmo</translation>
  </message>
  <message>
   <source>logarithm to base 10</source>
   <translation>logaritmo en base 10</translation>
  </message>
  <message>
   <source>logarithm to base 2</source>
   <translation>logaritmo en base 2</translation>
  </message>
  <message>
   <source>look without it</source>
   <translation>mirar sin él</translation>
  </message>
  <message>
   <source>looking for what is wrong</source>
   <translation>buscando lo que está mal</translation>
  </message>
  <message>
   <source>looking through the file</source>
   <translation>examinando el archivo</translation>
  </message>
  <message>
   <source>lower limit of the confidence interval of the mean</source>
   <translation>límite inferior del intervalo de confianza de la media</translation>
  </message>
  <message>
   <source>lower limit of the confidence interval of the median</source>
   <translation>límite inferior del intervalo de confianza de la mediana</translation>
  </message>
  <message>
   <source>lower limit of the interval of the ICC</source>
   <translation>límite inferior del intervalo de la ICC</translation>
  </message>
  <message>
   <source>lowest</source>
   <translation>más bajos</translation>
  </message>
  <message>
   <source>lowest values and their cases</source>
   <translation>valores más bajos y sus casos</translation>
  </message>
  <message>
   <source>made by {formula}</source>
   <translation>hecha con {formula}</translation>
  </message>
  <message>
   <source>mail addresses</source>
   <translation>direcciones de correo</translation>
  </message>
  <message>
   <source>mail addresses and telephone numbers</source>
   <translation>direcciones de correo y números de teléfono</translation>
  </message>
  <message>
   <source>make a variable</source>
   <translation>crear una variable</translation>
  </message>
  <message>
   <source>make all “{meant}”</source>
   <translation>cambiar todo a «{meant}»</translation>
  </message>
  <message>
   <source>make it</source>
   <translation>hacerlo</translation>
  </message>
  <message>
   <source>make {target}</source>
   <translation>crear {target}</translation>
  </message>
  <message>
   <source>mark as personal</source>
   <translation>marcar como personal</translation>
  </message>
  <message>
   <source>max</source>
   <translation>máx</translation>
  </message>
  <message>
   <source>may no longer hold</source>
   <translation>quizá ya no sea cierto</translation>
  </message>
  <message>
   <source>mean</source>
   <translation>media</translation>
  </message>
  <message>
   <source>mean absolute deviation from the mean</source>
   <translation>desviación absoluta media respecto a la media</translation>
  </message>
  <message>
   <source>mean and median</source>
   <translation>media y mediana</translation>
  </message>
  <message>
   <source>mean of skewed</source>
   <translation>media de lo asimétrico</translation>
  </message>
  <message>
   <source>mean over variables; minimum says how many must be valid (all, unless said)</source>
   <translation>media entre variables; minimum dice cuántas deben ser válidas (todas, si no se dice)</translation>
  </message>
  <message>
   <source>mean without the outer values at each end</source>
   <translation>media sin los valores exteriores de cada extremo</translation>
  </message>
  <message>
   <source>mean {value}</source>
   <translation>media {value}</translation>
  </message>
  <message>
   <source>means</source>
   <translation>medias</translation>
  </message>
  <message>
   <source>means with their intervals</source>
   <translation>medias con sus intervalos</translation>
  </message>
  <message>
   <source>measured</source>
   <translation>medido</translation>
  </message>
  <message>
   <source>median</source>
   <translation>mediana</translation>
  </message>
  <message>
   <source>median absolute deviation</source>
   <translation>desviación absoluta mediana</translation>
  </message>
  <message>
   <source>median absolute deviation times 1.4826, which estimates the SD of normal data</source>
   <translation>desviación absoluta mediana por 1,4826, que estima la DE de datos normales</translation>
  </message>
  <message>
   <source>mention of what is gone</source>
   <translation>mención de lo que ya no existe</translation>
  </message>
  <message>
   <source>methods</source>
   <translation>método</translation>
  </message>
  <message>
   <source>methods text</source>
   <translation>texto del método</translation>
  </message>
  <message>
   <source>min</source>
   <translation>mín</translation>
  </message>
  <message>
   <source>minimum is a whole number from 1 to {n}, the number of variables.</source>
   <translation>minimum es un número entero de 1 a {n}, el número de variables.</translation>
  </message>
  <message>
   <source>minutes and seconds, read as minutes</source>
   <translation>minutos y segundos, leídos como minutos</translation>
  </message>
  <message>
   <source>mirrored densities with quartiles</source>
   <translation>densidades en espejo con cuartiles</translation>
  </message>
  <message>
   <source>missing</source>
   <translation>perdido</translation>
  </message>
  <message>
   <source>missing code</source>
   <translation>código de perdido</translation>
  </message>
  <message>
   <source>missing codes of {names}</source>
   <translation>códigos de perdidos de {names}</translation>
  </message>
  <message>
   <source>missing data</source>
   <translation>datos perdidos</translation>
  </message>
  <message>
   <source>missing in {names}</source>
   <translation>perdido en {names}</translation>
  </message>
  <message>
   <source>missing values</source>
   <translation>valores perdidos</translation>
  </message>
  <message>
   <source>missing values in the table, or in its note</source>
   <translation>valores perdidos en la tabla, o en su nota</translation>
  </message>
  <message>
   <source>missing: {name}</source>
   <translation>perdido: {name}</translation>
  </message>
  <message>
   <source>missing: {part}</source>
   <translation>perdido: {part}</translation>
  </message>
  <message>
   <source>mode</source>
   <translation>moda</translation>
  </message>
  <message>
   <source>month</source>
   <translation>mes</translation>
  </message>
  <message>
   <source>month first</source>
   <translation>mes primero</translation>
  </message>
  <message>
   <source>month, 1 to 12</source>
   <translation>mes, 1 a 12</translation>
  </message>
  <message>
   <source>months written YYYYMM, read as their first days.</source>
   <translation>meses escritos AAAAMM, leídos como sus primeros días.</translation>
  </message>
  <message>
   <source>months, read as their first days.</source>
   <translation>meses, leídos como su primer día.</translation>
  </message>
  <message>
   <source>more than once, with other values beside: {named}.</source>
   <translation>más de una vez, con otros valores al lado: {named}.</translation>
  </message>
  <message>
   <source>more than {most_derived:,} derived variables are not made; lay over fewer.</source>
   <translation>no se forman más de {most_derived:,} variables derivadas; use menos.</translation>
  </message>
  <message>
   <source>most frequent</source>
   <translation>más frecuentes</translation>
  </message>
  <message>
   <source>most frequent value</source>
   <translation>valor más frecuente</translation>
  </message>
  <message>
   <source>most of its words are dates, “{word}” is none for sure; it was left as text.</source>
   <translation>la mayoría de sus palabras son fechas, «{word}» no lo es con seguridad; se dejó como texto.</translation>
  </message>
  <message>
   <source>most: {value}</source>
   <translation>sobre todo: {value}</translation>
  </message>
  <message>
   <source>move it in the manuscript</source>
   <translation>moverlo en el manuscrito</translation>
  </message>
  <message>
   <source>moved</source>
   <translation>cambió</translation>
  </message>
  <message>
   <source>multiply by {factor}</source>
   <translation>multiplicar por {factor}</translation>
  </message>
  <message>
   <source>n = {size} has {df:g} degrees of freedom</source>
   <translation>n = {size} tiene {df:g} grados de libertad</translation>
  </message>
  <message>
   <source>names as they stand in the file</source>
   <translation>nombres como están en el archivo</translation>
  </message>
  <message numerus="yes">
   <source>names in [row|rows] {rows}</source>
   <translation>
    <numerusform>nombres en fila {rows}</numerusform>
    <numerusform>nombres en filas {rows}</numerusform>
   </translation>
  </message>
  <message>
   <source>narrow space</source>
   <translation>espacio estrecho</translation>
  </message>
  <message>
   <source>natural logarithm</source>
   <translation>logaritmo natural</translation>
  </message>
  <message>
   <source>never mentioned</source>
   <translation>nunca mencionado</translation>
  </message>
  <message>
   <source>new name = expression, for example vocab_gain = post - pre</source>
   <translation>nombre nuevo = expresión, por ejemplo vocab_gain = post - pre</translation>
  </message>
  <message>
   <source>next whole number above</source>
   <translation>número entero siguiente hacia arriba</translation>
  </message>
  <message>
   <source>next whole number below</source>
   <translation>número entero siguiente hacia abajo</translation>
  </message>
  <message>
   <source>no</source>
   <translation>no</translation>
  </message>
  <message>
   <source>no case meets this</source>
   <translation>ningún caso la cumple</translation>
  </message>
  <message>
   <source>no clusters</source>
   <translation>sin conglomerados</translation>
  </message>
  <message>
   <source>no data yet</source>
   <translation>aún no hay datos</translation>
  </message>
  <message>
   <source>no label</source>
   <translation>sin etiqueta</translation>
  </message>
  <message>
   <source>no longer explains CI</source>
   <translation>ya no explica IC</translation>
  </message>
  <message>
   <source>no longer explains CV</source>
   <translation>ya no explica CV</translation>
  </message>
  <message>
   <source>no longer explains IQR</source>
   <translation>ya no explica RIC</translation>
  </message>
  <message>
   <source>no longer explains MAD</source>
   <translation>ya no explica MAD</translation>
  </message>
  <message>
   <source>no longer explains Mdn</source>
   <translation>ya no explica Mdn</translation>
  </message>
  <message>
   <source>no longer holds</source>
   <translation>ya no es cierto</translation>
  </message>
  <message>
   <source>no longer says how many values are missing</source>
   <translation>ya no dice cuántos valores faltan</translation>
  </message>
  <message>
   <source>no longer says what its percentages are of</source>
   <translation>ya no dice de qué son sus porcentajes</translation>
  </message>
  <message>
   <source>no longer true</source>
   <translation>ya no es cierto</translation>
  </message>
  <message>
   <source>no n</source>
   <translation>sin n</translation>
  </message>
  <message>
   <source>no number</source>
   <translation>ningún número</translation>
  </message>
  <message>
   <source>no number above 0</source>
   <translation>ningún número mayor que 0</translation>
  </message>
  <message>
   <source>no row of names</source>
   <translation>sin fila de nombres</translation>
  </message>
  <message>
   <source>no spread</source>
   <translation>sin dispersión</translation>
  </message>
  <message>
   <source>no strata</source>
   <translation>sin estratos</translation>
  </message>
  <message>
   <source>no value</source>
   <translation>ningún valor</translation>
  </message>
  <message>
   <source>no values</source>
   <translation>sin valores</translation>
  </message>
  <message>
   <source>no weights</source>
   <translation>sin pesos</translation>
  </message>
  <message>
   <source>no whole number from 0</source>
   <translation>ningún número entero desde 0</translation>
  </message>
  <message>
   <source>no {words}</source>
   <translation>sin {words}</translation>
  </message>
  <message>
   <source>nominal</source>
   <translation>nominal</translation>
  </message>
  <message>
   <source>none</source>
   <translation>ninguno</translation>
  </message>
  <message>
   <source>normal</source>
   <translation>normal</translation>
  </message>
  <message>
   <source>not defined: {reason}</source>
   <translation>no definido: {reason}</translation>
  </message>
  <message>
   <source>not equal to</source>
   <translation>distinto de</translation>
  </message>
  <message>
   <source>not personal</source>
   <translation>no personal</translation>
  </message>
  <message>
   <source>not there any more</source>
   <translation>ya no está</translation>
  </message>
  <message>
   <source>notes</source>
   <translation>notas</translation>
  </message>
  <message>
   <source>nothing</source>
   <translation>nada</translation>
  </message>
  <message>
   <source>nothing cuts the lines into fields (“{line}”), so there is one variable.</source>
   <translation>nada corta las líneas en campos («{line}»), así que hay una sola variable.</translation>
  </message>
  <message>
   <source>nothing missing: complete cases</source>
   <translation>no falta nada: casos completos</translation>
  </message>
  <message>
   <source>nothing to set yet</source>
   <translation>aún nada que componer</translation>
  </message>
  <message>
   <source>nothing: complete cases</source>
   <translation>nada: casos completos</translation>
  </message>
  <message>
   <source>number</source>
   <translation>número</translation>
  </message>
  <message>
   <source>number of missing values</source>
   <translation>número de valores perdidos</translation>
  </message>
  <message>
   <source>number of valid values</source>
   <translation>número de valores válidos</translation>
  </message>
  <message>
   <source>number( ) takes 1 for the first number in a text, 2 for the second, to {most}.</source>
   <translation>number( ) toma 1 para el primer número de un texto, 2 para el segundo, hasta {most}.</translation>
  </message>
  <message>
   <source>numbers in brackets were read as negative.</source>
   <translation>los números entre paréntesis se leyeron como negativos.</translation>
  </message>
  <message>
   <source>occasion</source>
   <translation>ocasión</translation>
  </message>
  <message>
   <source>odds ratio</source>
   <translation>razón de ventajas</translation>
  </message>
  <message>
   <source>of a question with several answers: which of them were given together</source>
   <translation>de una pregunta con varias respuestas: cuáles se dieron juntas</translation>
  </message>
  <message>
   <source>of all</source>
   <translation>de todos</translation>
  </message>
  <message>
   <source>of means</source>
   <translation>de medias</translation>
  </message>
  <message>
   <source>of one</source>
   <translation>de</translation>
  </message>
  <message>
   <source>of the column</source>
   <translation>de la columna</translation>
  </message>
  <message>
   <source>of the row</source>
   <translation>de la fila</translation>
  </message>
  <message>
   <source>of values missing</source>
   <translation>de los valores faltan</translation>
  </message>
  <message>
   <source>of “{group}”</source>
   <translation>de «{group}»</translation>
  </message>
  <message>
   <source>on a value in the Codebook: print it earlier or later</source>
   <translation>sobre un valor del diccionario: imprimirlo antes o después</translation>
  </message>
  <message>
   <source>on a variable: describe it, or leave it out</source>
   <translation>sobre una variable: describirla, u omitirla</translation>
  </message>
  <message>
   <source>on a variable: make groups with it</source>
   <translation>sobre una variable: formar grupos con ella</translation>
  </message>
  <message>
   <source>on which side a value on an edge belongs to the class</source>
   <translation>de qué lado un valor en un borde pertenece a la clase</translation>
  </message>
  <message>
   <source>once</source>
   <translation>una vez</translation>
  </message>
  <message>
   <source>one and a half</source>
   <translation>una y media</translation>
  </message>
  <message>
   <source>one column</source>
   <translation>una columna</translation>
  </message>
  <message>
   <source>one of several values</source>
   <translation>uno de varios valores</translation>
  </message>
  <message>
   <source>one of them must hold</source>
   <translation>una de ellas debe cumplirse</translation>
  </message>
  <message>
   <source>one value or another</source>
   <translation>un valor u otro</translation>
  </message>
  <message>
   <source>one {title}</source>
   <translation>{title}</translation>
  </message>
  <message>
   <source>only rows with a partner</source>
   <translation>solo filas con pareja</translation>
  </message>
  <message>
   <source>only those above 0</source>
   <translation>solo los mayores que 0</translation>
  </message>
  <message>
   <source>only {condition}</source>
   <translation>solo {condition}</translation>
  </message>
  <message>
   <source>only {value}</source>
   <translation>solo {value}</translation>
  </message>
  <message>
   <source>open</source>
   <translation>abiertos</translation>
  </message>
  <message>
   <source>open a copy made earlier</source>
   <translation>abra una copia hecha antes</translation>
  </message>
  <message>
   <source>open the {n}</source>
   <translation>desplegar los {n}</translation>
  </message>
  <message>
   <source>open {number}</source>
   <translation>abrir {number}</translation>
  </message>
  <message>
   <source>opening {name}</source>
   <translation>abriendo {name}</translation>
  </message>
  <message>
   <source>or</source>
   <translation>o</translation>
  </message>
  <message>
   <source>or read the</source>
   <translation>o lea el</translation>
  </message>
  <message>
   <source>order of mentions</source>
   <translation>orden de las menciones</translation>
  </message>
  <message>
   <source>ordered values against those of a normal distribution</source>
   <translation>valores ordenados frente a los de una distribución normal</translation>
  </message>
  <message>
   <source>ordinal</source>
   <translation>ordinal</translation>
  </message>
  <message>
   <source>others</source>
   <translation>otros</translation>
  </message>
  <message>
   <source>outliers</source>
   <translation>atípicos</translation>
  </message>
  <message>
   <source>over each other</source>
   <translation>uno sobre otro</translation>
  </message>
  <message>
   <source>own notes again</source>
   <translation>volver a sus propias notas</translation>
  </message>
  <message>
   <source>own title again</source>
   <translation>volver a su propio título</translation>
  </message>
  <message>
   <source>own {words} again</source>
   <translation>volver a su propio {words}</translation>
  </message>
  <message>
   <source>p alone</source>
   <translation>p solo</translation>
  </message>
  <message>
   <source>p was {was} and is {now}, now below {level}</source>
   <translation>p era {was} y es {now}, ahora por debajo de {level}</translation>
  </message>
  <message>
   <source>p was {was} and is {now}, now not below {level}</source>
   <translation>p era {was} y es {now}, ya no por debajo de {level}</translation>
  </message>
  <message>
   <source>p-values adjusted for the number of tests</source>
   <translation>valores p ajustados al número de pruebas</translation>
  </message>
  <message>
   <source>pairwise</source>
   <translation>por pares</translation>
  </message>
  <message>
   <source>parts the cases exactly as {name} does.</source>
   <translation>divide los casos exactamente como {name}.</translation>
  </message>
  <message>
   <source>percent</source>
   <translation>por ciento</translation>
  </message>
  <message>
   <source>percentage</source>
   <translation>porcentaje</translation>
  </message>
  <message>
   <source>percentages</source>
   <translation>porcentajes</translation>
  </message>
  <message>
   <source>percentiles of any share, as columns of their own</source>
   <translation>percentiles de cualquier proporción, en columnas propias</translation>
  </message>
  <message>
   <source>personal</source>
   <translation>personal</translation>
  </message>
  <message>
   <source>personal: its values are not shown</source>
   <translation>personal: sus valores no se muestran</translation>
  </message>
  <message>
   <source>persons are counted, not their rows</source>
   <translation>se cuentan personas, no sus filas</translation>
  </message>
  <message>
   <source>places one under the other, values to the right</source>
   <translation>lugares uno bajo otro, valores a la derecha</translation>
  </message>
  <message>
   <source>point</source>
   <translation>punto</translation>
  </message>
  <message>
   <source>point by point</source>
   <translation>punto por punto</translation>
  </message>
  <message>
   <source>printed</source>
   <translation>impreso</translation>
  </message>
  <message>
   <source>prints as </source>
   <translation>se imprime </translation>
  </message>
  <message>
   <source>proportion</source>
   <translation>proporción</translation>
  </message>
  <message>
   <source>quantile plot</source>
   <translation>gráfico de cuantiles</translation>
  </message>
  <message>
   <source>quarter</source>
   <translation>trimestre</translation>
  </message>
  <message>
   <source>quarter of the year</source>
   <translation>trimestre del año</translation>
  </message>
  <message>
   <source>quarters, read as their first days.</source>
   <translation>trimestres, leídos como su primer día.</translation>
  </message>
  <message>
   <source>quartiles</source>
   <translation>cuartiles</translation>
  </message>
  <message>
   <source>quartiles, whiskers and far cases</source>
   <translation>cuartiles, bigotes y casos lejanos</translation>
  </message>
  <message>
   <source>r with rest</source>
   <translation>r con el resto</translation>
  </message>
  <message>
   <source>range</source>
   <translation>recorrido</translation>
  </message>
  <message>
   <source>rank</source>
   <translation>rango</translation>
  </message>
  <message>
   <source>rank among all cases; ties share their mean rank</source>
   <translation>rango entre todos los casos; los iguales comparten su rango medio</translation>
  </message>
  <message>
   <source>read again</source>
   <translation>leer de nuevo</translation>
  </message>
  <message>
   <source>read differently</source>
   <translation>leer de otro modo</translation>
  </message>
  <message>
   <source>read half the limit</source>
   <translation>leer la mitad del límite</translation>
  </message>
  <message>
   <source>read with another {setting}</source>
   <translation>leer con otra opción: {setting}</translation>
  </message>
  <message>
   <source>read {n:,} as decimals</source>
   <translation>leer {n:,} como decimales</translation>
  </message>
  <message>
   <source>read {n:,} as the numbers in them</source>
   <translation>leer {n:,} como los números que contienen</translation>
  </message>
  <message>
   <source>read {n:,} as their limits</source>
   <translation>leer {n:,} como sus límites</translation>
  </message>
  <message>
   <source>read {name} again</source>
   <translation>releer {name}</translation>
  </message>
  <message>
   <source>read “{text}” as {value}</source>
   <translation>leer «{text}» como {value}</translation>
  </message>
  <message>
   <source>reading changed files</source>
   <translation>leyendo los archivos cambiados</translation>
  </message>
  <message>
   <source>reading the cells</source>
   <translation>leyendo las celdas</translation>
  </message>
  <message>
   <source>reading {name}</source>
   <translation>leyendo {name}</translation>
  </message>
  <message>
   <source>receptive_pre and receptive_post are one measure on two occasions: leave the ending out.</source>
   <translation>receptive_pre y receptive_post son una medida en dos ocasiones: omita la terminación.</translation>
  </message>
  <message>
   <source>recode</source>
   <translation>recodificar</translation>
  </message>
  <message>
   <source>refers to an exhibit that is gone</source>
   <translation>remite a un elemento que ya no existe</translation>
  </message>
  <message>
   <source>refers to an exhibit that is not in the study any more</source>
   <translation>remite a un elemento que ya no está en el estudio</translation>
  </message>
  <message>
   <source>refers to what is gone</source>
   <translation>remite a lo que ya no existe</translation>
  </message>
  <message>
   <source>refreshing {name}</source>
   <translation>actualizando {name}</translation>
  </message>
  <message>
   <source>relate by ranks</source>
   <translation>relacionar por rangos</translation>
  </message>
  <message>
   <source>remote values</source>
   <translation>valores lejanos</translation>
  </message>
  <message>
   <source>remove</source>
   <translation>quitar</translation>
  </message>
  <message>
   <source>remove {name}</source>
   <translation>quitar {name}</translation>
  </message>
  <message>
   <source>repeated rows and identifiers</source>
   <translation>filas e identificadores repetidos</translation>
  </message>
  <message>
   <source>repeats a table</source>
   <translation>repite una tabla</translation>
  </message>
  <message>
   <source>report…</source>
   <translation>informe…</translation>
  </message>
  <message>
   <source>results text</source>
   <translation>texto de resultados</translation>
  </message>
  <message>
   <source>reverse</source>
   <translation>invertir</translation>
  </message>
  <message>
   <source>review</source>
   <translation>revisar</translation>
  </message>
  <message>
   <source>right</source>
   <translation>a la derecha</translation>
  </message>
  <message>
   <source>risk ratio</source>
   <translation>razón de riesgos</translation>
  </message>
  <message>
   <source>robust z</source>
   <translation>z robusta</translation>
  </message>
  <message>
   <source>round( ) takes a whole number of decimals from −{most_digits} to {most_digits}.</source>
   <translation>round( ) toma un número entero de decimales de −{most_digits} a {most_digits}.</translation>
  </message>
  <message>
   <source>rounded, halves to the even digit</source>
   <translation>redondeado, las mitades a la cifra par</translation>
  </message>
  <message>
   <source>row</source>
   <translation>fila</translation>
  </message>
  <message>
   <source>row of names</source>
   <translation>fila de nombres</translation>
  </message>
  <message>
   <source>row {case}</source>
   <translation>fila {case}</translation>
  </message>
  <message>
   <source>row {row}</source>
   <translation>fila {row}</translation>
  </message>
  <message>
   <source>rows</source>
   <translation>filas</translation>
  </message>
  <message>
   <source>rows that are no cases</source>
   <translation>filas que no son casos</translation>
  </message>
  <message>
   <source>rows: {roles}</source>
   <translation>filas: {roles}</translation>
  </message>
  <message>
   <source>sample</source>
   <translation>muestra</translation>
  </message>
  <message>
   <source>save its table as delimited text (.csv) or as a workbook (.xlsx, .ods)</source>
   <translation>guarde su tabla como texto con separadores (.csv) o como libro de cálculo (.xlsx, .ods)</translation>
  </message>
  <message>
   <source>say anew</source>
   <translation>decir de nuevo</translation>
  </message>
  <message>
   <source>say anew what no longer holds</source>
   <translation>decir de nuevo lo que ya no es cierto</translation>
  </message>
  <message>
   <source>say how many cases every row stands for</source>
   <translation>decir cuántos casos representa cada fila</translation>
  </message>
  <message>
   <source>say the same as another, or almost ({names}).</source>
   <translation>dicen lo mismo que otra, o casi ({names}).</translation>
  </message>
  <message>
   <source>say the {role} of every row</source>
   <translation>decir {role} de cada fila</translation>
  </message>
  <message>
   <source>say what a row is</source>
   <translation>decir qué es una fila</translation>
  </message>
  <message>
   <source>says</source>
   <translation>indica</translation>
  </message>
  <message>
   <source>says almost the same as {name} (r = {r}).</source>
   <translation>dice casi lo mismo que {name} (r = {r}).</translation>
  </message>
  <message>
   <source>scatters of several variables with each other</source>
   <translation>diagramas de dispersión de varias variables entre sí</translation>
  </message>
  <message>
   <source>seconds</source>
   <translation>segundos</translation>
  </message>
  <message>
   <source>see it set on paper, keep it.</source>
   <translation>véalo compuesto en papel, consérvelo.</translation>
  </message>
  <message>
   <source>semicolon</source>
   <translation>punto y coma</translation>
  </message>
  <message>
   <source>serial numbers of a spreadsheet, read as dates ({number} is {day}).</source>
   <translation>números de serie de una hoja de cálculo, leídos como fechas ({number} es {day}).</translation>
  </message>
  <message>
   <source>set all of them missing</source>
   <translation>poner todos como perdidos</translation>
  </message>
  <message>
   <source>set aside</source>
   <translation>apartar</translation>
  </message>
  <message>
   <source>set it and what follows aside</source>
   <translation>apartarla con lo que sigue</translation>
  </message>
  <message>
   <source>set it on paper</source>
   <translation>ponerlo en papel</translation>
  </message>
  <message>
   <source>set missing</source>
   <translation>poner como perdido</translation>
  </message>
  <message>
   <source>set the cases shown aside</source>
   <translation>apartar los casos mostrados</translation>
  </message>
  <message>
   <source>set the house style</source>
   <translation>fijar el estilo editorial</translation>
  </message>
  <message>
   <source>set the later ones aside</source>
   <translation>apartar los posteriores</translation>
  </message>
  <message>
   <source>set the repeats aside</source>
   <translation>apartar las repeticiones</translation>
  </message>
  <message>
   <source>set these cases aside</source>
   <translation>apartar estos casos</translation>
  </message>
  <message>
   <source>set {name} missing</source>
   <translation>poner {name} como perdido</translation>
  </message>
  <message numerus="yes">
   <source>set {n} [case|cases] aside</source>
   <translation>
    <numerusform>apartar {n} caso</numerusform>
    <numerusform>apartar {n} casos</numerusform>
   </translation>
  </message>
  <message>
   <source>shapes</source>
   <translation>formas</translation>
  </message>
  <message>
   <source>share of the variance that lies between persons</source>
   <translation>proporción de la varianza entre personas</translation>
  </message>
  <message>
   <source>shares of a whole, to 100 %</source>
   <translation>proporciones de un todo, hasta 100 %</translation>
  </message>
  <message>
   <source>sheet</source>
   <translation>hoja</translation>
  </message>
  <message>
   <source>sheet {name}</source>
   <translation>hoja {name}</translation>
  </message>
  <message>
   <source>show cases</source>
   <translation>mostrar casos</translation>
  </message>
  <message>
   <source>show its case</source>
   <translation>mostrar su caso</translation>
  </message>
  <message>
   <source>show its {n:,} cases</source>
   <translation>mostrar sus {n:,} casos</translation>
  </message>
  <message>
   <source>show row {case}</source>
   <translation>mostrar la fila {case}</translation>
  </message>
  <message>
   <source>show the cases  Ctrl+D</source>
   <translation>mostrar los casos  Ctrl+D</translation>
  </message>
  <message numerus="yes">
   <source>show {n:,} [case|cases]</source>
   <translation>
    <numerusform>mostrar {n:,} caso</numerusform>
    <numerusform>mostrar {n:,} casos</numerusform>
   </translation>
  </message>
  <message>
   <source>significance</source>
   <translation>significación</translation>
  </message>
  <message>
   <source>signs for “about” before its numbers were left out.</source>
   <translation>los signos de «aproximadamente» ante los números se dejaron fuera.</translation>
  </message>
  <message>
   <source>single quotes</source>
   <translation>comillas simples</translation>
  </message>
  <message>
   <source>size of difference</source>
   <translation>tamaño de la diferencia</translation>
  </message>
  <message>
   <source>skewness</source>
   <translation>asimetría</translation>
  </message>
  <message>
   <source>skewness over its standard error</source>
   <translation>asimetría entre su error estándar</translation>
  </message>
  <message>
   <source>small counts</source>
   <translation>recuentos pequeños</translation>
  </message>
  <message>
   <source>small groups</source>
   <translation>grupos pequeños</translation>
  </message>
  <message>
   <source>smallest and largest</source>
   <translation>menor y mayor</translation>
  </message>
  <message>
   <source>smallest value</source>
   <translation>valor menor</translation>
  </message>
  <message>
   <source>smallest value over variables of the same case</source>
   <translation>valor menor entre variables del mismo caso</translation>
  </message>
  <message>
   <source>smooth</source>
   <translation>suave</translation>
  </message>
  <message>
   <source>so many classes of equal width</source>
   <translation>tantas clases de igual anchura</translation>
  </message>
  <message>
   <source>so many neighbouring points of a line together</source>
   <translation>tantos puntos vecinos de una línea juntos</translation>
  </message>
  <message>
   <source>so many of the most frequent values, and the rest together</source>
   <translation>tantos de los valores más frecuentes, y el resto junto</translation>
  </message>
  <message>
   <source>software</source>
   <translation>programa</translation>
  </message>
  <message>
   <source>sorting the cases</source>
   <translation>ordenando los casos</translation>
  </message>
  <message>
   <source>sources, one below the other</source>
   <translation>fuentes, una bajo otra</translation>
  </message>
  <message>
   <source>space</source>
   <translation>espacio</translation>
  </message>
  <message>
   <source>spaces beside quotes</source>
   <translation>espacios junto a las comillas</translation>
  </message>
  <message>
   <source>spellings</source>
   <translation>grafías</translation>
  </message>
  <message>
   <source>split by {category}</source>
   <translation>separar por {category}</translation>
  </message>
  <message>
   <source>split by {name}</source>
   <translation>separar por {name}</translation>
  </message>
  <message>
   <source>spread by {name}</source>
   <translation>desplegados por {name}</translation>
  </message>
  <message>
   <source>square root</source>
   <translation>raíz cuadrada</translation>
  </message>
  <message>
   <source>stacked</source>
   <translation>apilados</translation>
  </message>
  <message>
   <source>standard deviation</source>
   <translation>desviación estándar</translation>
  </message>
  <message>
   <source>standard deviation, n − 1</source>
   <translation>desviación estándar, n − 1</translation>
  </message>
  <message>
   <source>standard error</source>
   <translation>error estándar</translation>
  </message>
  <message>
   <source>standard error of the kurtosis</source>
   <translation>error estándar de la curtosis</translation>
  </message>
  <message>
   <source>standard error of the mean</source>
   <translation>error estándar de la media</translation>
  </message>
  <message>
   <source>standard error of the skewness</source>
   <translation>error estándar de la asimetría</translation>
  </message>
  <message>
   <source>stands {often} among the values of {names}: no answer rather than an answer?</source>
   <translation>está {often} entre los valores de {names}: ¿falta de respuesta más que una respuesta?</translation>
  </message>
  <message>
   <source>stands {often} in {names} and counts as missing.</source>
   <translation>está {often} en {names} y cuenta como perdido.</translation>
  </message>
  <message>
   <source>stands {often} in {names}, far from all other values: a code for “no answer”?</source>
   <translation>está {often} en {names}, lejos de todos los demás valores: ¿un código de «sin respuesta»?</translation>
  </message>
  <message>
   <source>statistics and settings</source>
   <translation>estadísticos y ajustes</translation>
  </message>
  <message>
   <source>statistics in rows</source>
   <translation>estadísticos en filas</translation>
  </message>
  <message>
   <source>steps</source>
   <translation>escalones</translation>
  </message>
  <message>
   <source>stop reading</source>
   <translation>parar la lectura</translation>
  </message>
  <message>
   <source>straight</source>
   <translation>recta</translation>
  </message>
  <message>
   <source>strata</source>
   <translation>estratos</translation>
  </message>
  <message>
   <source>strata by {title}</source>
   <translation>estratos según {title}</translation>
  </message>
  <message>
   <source>sum</source>
   <translation>suma</translation>
  </message>
  <message>
   <source>sum over variables of the same case</source>
   <translation>suma entre variables del mismo caso</translation>
  </message>
  <message>
   <source>sums</source>
   <translation>sumas</translation>
  </message>
  <message>
   <source>tab</source>
   <translation>tabulador</translation>
  </message>
  <message>
   <source>table {name}</source>
   <translation>tabla {name}</translation>
  </message>
  <message>
   <source>take away</source>
   <translation>quitar</translation>
  </message>
  <message>
   <source>take back</source>
   <translation>retirar</translation>
  </message>
  <message>
   <source>take back a correction</source>
   <translation>retirar una corrección</translation>
  </message>
  <message>
   <source>take in again</source>
   <translation>volver a incluir</translation>
  </message>
  <message>
   <source>take in {names}</source>
   <translation>volver a incluir {names}</translation>
  </message>
  <message>
   <source>take it out of the manuscript</source>
   <translation>sacarlo del manuscrito</translation>
  </message>
  <message>
   <source>take out</source>
   <translation>sacar</translation>
  </message>
  <message>
   <source>take out a source</source>
   <translation>sacar una fuente</translation>
  </message>
  <message>
   <source>take the spaces out</source>
   <translation>quitar los espacios</translation>
  </message>
  <message>
   <source>taken out of the document, stays away</source>
   <translation>quitado del documento, no vuelve</translation>
  </message>
  <message>
   <source>telephone numbers</source>
   <translation>números de teléfono</translation>
  </message>
  <message>
   <source>test by ranks</source>
   <translation>probar por rangos</translation>
  </message>
  <message>
   <source>text</source>
   <translation>texto</translation>
  </message>
  <message>
   <source>text among numbers</source>
   <translation>texto entre números</translation>
  </message>
  <message>
   <source>the O of “{word}” may be east (German) or west (French, Spanish); it was left as text.</source>
   <translation>la O de «{word}» puede ser este (alemán) u oeste (francés, español); se dejó como texto.</translation>
  </message>
  <message>
   <source>the codebook</source>
   <translation>el diccionario</translation>
  </message>
  <message>
   <source>the counts that independence would give</source>
   <translation>los recuentos que daría la independencia</translation>
  </message>
  <message>
   <source>the curve over the bars</source>
   <translation>la curva sobre las barras</translation>
  </message>
  <message>
   <source>the cuts of bands( ) stand in ascending order, each once.</source>
   <translation>los cortes de bands( ) van en orden ascendente, cada uno una vez.</translation>
  </message>
  <message>
   <source>the data of this study are damaged.</source>
   <translation>los datos de este estudio están dañados.</translation>
  </message>
  <message>
   <source>the data of this study cannot be understood.</source>
   <translation>los datos de este estudio no se entienden.</translation>
  </message>
  <message>
   <source>the description of data</source>
   <translation>la descripción de los datos</translation>
  </message>
  <message>
   <source>the difference from the norm and its p are shown</source>
   <translation>la diferencia con la norma y su p ya se muestran</translation>
  </message>
  <message>
   <source>the disk is full</source>
   <translation>el disco está lleno</translation>
  </message>
  <message>
   <source>the document does not remember what stood there; “--again” exchanges it</source>
   <translation>el documento no recuerda lo que había allí; «--again» lo cambia</translation>
  </message>
  <message>
   <source>the figure</source>
   <translation>la figura</translation>
  </message>
  <message>
   <source>the figure as it is now</source>
   <translation>la figura como es ahora</translation>
  </message>
  <message>
   <source>the gravest first, or in the order of the variables</source>
   <translation>lo más grave primero, o en el orden de las variables</translation>
  </message>
  <message>
   <source>the house style</source>
   <translation>el estilo</translation>
  </message>
  <message>
   <source>the level of confidence intervals and bands</source>
   <translation>el nivel de los intervalos de confianza y las bandas</translation>
  </message>
  <message>
   <source>the limits of the classes, all of them</source>
   <translation>los límites de las clases, todos</translation>
  </message>
  <message>
   <source>the marks of Istrel’s numbers are gone, a program that saved it drops them; what moved is named, not exchanged</source>
   <translation>faltan las marcas de los números de Istrel, un programa que lo guardó las quita; lo que cambió se nombra, no se cambia</translation>
  </message>
  <message>
   <source>the middle of its scale</source>
   <translation>el centro de su escala</translation>
  </message>
  <message>
   <source>the note says the test unasked</source>
   <translation>la nota da la prueba sin pedirla</translation>
  </message>
  <message>
   <source>the opposite</source>
   <translation>lo contrario</translation>
  </message>
  <message>
   <source>the order of the values; of a heat map, its variables as they are alike</source>
   <translation>el orden de los valores; en un mapa de calor, sus variables según se parecen</translation>
  </message>
  <message>
   <source>the other side: columns of a cross-table, or the one variable to rank against</source>
   <translation>el otro lado: columnas de una tabla cruzada, o la variable con la que comparar</translation>
  </message>
  <message>
   <source>the page</source>
   <translation>la página</translation>
  </message>
  <message>
   <source>the paper</source>
   <translation>el trabajo</translation>
  </message>
  <message>
   <source>the paragraph reads otherwise in the document, or its numbers are others now</source>
   <translation>el párrafo dice otra cosa en el documento, o sus números son otros ahora</translation>
  </message>
  <message>
   <source>the paragraph written last</source>
   <translation>el último párrafo escrito</translation>
  </message>
  <message>
   <source>the pasted cells</source>
   <translation>las celdas pegadas</translation>
  </message>
  <message>
   <source>the period whose means are the points of a line</source>
   <translation>el periodo cuyas medias son los puntos de una línea</translation>
  </message>
  <message>
   <source>the shape of distributions: normality; the items of a scale</source>
   <translation>la forma de las distribuciones: normalidad; los ítems de una escala</translation>
  </message>
  <message>
   <source>the share of cases up to each value</source>
   <translation>la proporción de casos hasta cada valor</translation>
  </message>
  <message>
   <source>the share of values that a trimmed mean leaves out at each end</source>
   <translation>la proporción de valores que una media recortada omite en cada extremo</translation>
  </message>
  <message>
   <source>the source in use</source>
   <translation>la fuente en uso</translation>
  </message>
  <message>
   <source>the study</source>
   <translation>el estudio</translation>
  </message>
  <message>
   <source>the table in the document has another shape</source>
   <translation>la tabla del documento tiene otra forma</translation>
  </message>
  <message>
   <source>the table lay on its side, a case in each column, and was turned. To read it as it stands, put its names in row 1.</source>
   <translation>la tabla estaba tumbada, con un caso en cada columna, y se ha girado. Para leerla tal como está, ponga sus nombres en la fila 1.</translation>
  </message>
  <message>
   <source>the type of quantile, after Hyndman and Fan</source>
   <translation>el tipo de cuantil, según Hyndman y Fan</translation>
  </message>
  <message>
   <source>the variables do not have the same answers</source>
   <translation>las variables no tienen las mismas respuestas</translation>
  </message>
  <message>
   <source>the variables that make the groups</source>
   <translation>las variables que forman los grupos</translation>
  </message>
  <message>
   <source>the width of the classes</source>
   <translation>la anchura de las clases</translation>
  </message>
  <message>
   <source>there are no variables in it (“var” within “dataDscr”), so it is no codebook of an archive.</source>
   <translation>no hay variables («var» dentro de «dataDscr»), así que no es el diccionario de un archivo.</translation>
  </message>
  <message>
   <source>there are no “columns” in its “tableSchema”.</source>
   <translation>no hay «columns» en su «tableSchema».</translation>
  </message>
  <message>
   <source>there are {count} of them, and a page holds {most}</source>
   <translation>son {count}, y en una página caben {most}</translation>
  </message>
  <message>
   <source>there is no Table Schema in it: a list of “fields”, each with a “name”.</source>
   <translation>no hay en él un Table Schema: una lista «fields», cada uno con «name».</translation>
  </message>
  <message>
   <source>these frequencies are of groups</source>
   <translation>estas frecuencias son de grupos</translation>
  </message>
  <message>
   <source>thin space</source>
   <translation>espacio fino</translation>
  </message>
  <message>
   <source>third quartile</source>
   <translation>tercer cuartil</translation>
  </message>
  <message>
   <source>this document</source>
   <translation>este documento</translation>
  </message>
  <message>
   <source>this format has no tracked changes for rows; without “--tracked” the table comes whole</source>
   <translation>este formato no tiene control de cambios para filas; sin «--tracked» la tabla viene entera</translation>
  </message>
  <message>
   <source>this is no Data Package and no Table Schema.</source>
   <translation>esto no es ni un Data Package ni un Table Schema.</translation>
  </message>
  <message>
   <source>this is no sound JSON.</source>
   <translation>esto no es JSON válido.</translation>
  </message>
  <message>
   <source>this is no sound XML ({why}).</source>
   <translation>esto no es XML válido ({why}).</translation>
  </message>
  <message>
   <source>this is no table ({error}).</source>
   <translation>esto no es una tabla ({error}).</translation>
  </message>
  <message>
   <source>this part leaves the sentence</source>
   <translation>esta parte sale de la frase</translation>
  </message>
  <message>
   <source>this study cannot be understood.</source>
   <translation>este estudio no se entiende.</translation>
  </message>
  <message>
   <source>this table has lost its mark, so it was left as it is</source>
   <translation>esta tabla perdió su marca, así que se dejó como está</translation>
  </message>
  <message>
   <source>thousandths of seconds</source>
   <translation>milésimas de segundo</translation>
  </message>
  <message>
   <source>tiles of fewer cases are left white</source>
   <translation>los cuadros con menos casos quedan en blanco</translation>
  </message>
  <message>
   <source>times of day are kept as they stand; their zone ({zones}) is not.</source>
   <translation>las horas se guardan como están; su zona ({zones}), no.</translation>
  </message>
  <message>
   <source>times of day are those of {zone}.</source>
   <translation>las horas son las de {zone}.</translation>
  </message>
  <message>
   <source>times of day, read as hours</source>
   <translation>horas del día, leídas como horas</translation>
  </message>
  <message>
   <source>title</source>
   <translation>título</translation>
  </message>
  <message>
   <source>to the main text</source>
   <translation>al texto principal</translation>
  </message>
  <message>
   <source>to the supplement</source>
   <translation>al suplemento</translation>
  </message>
  <message>
   <source>to {value}</source>
   <translation>a {value}</translation>
  </message>
  <message>
   <source>treat as binary</source>
   <translation>tratar como binaria</translation>
  </message>
  <message>
   <source>treat as identifier</source>
   <translation>tratar como identificador</translation>
  </message>
  <message>
   <source>treat as missing</source>
   <translation>tratar como perdido</translation>
  </message>
  <message>
   <source>treat as nominal</source>
   <translation>tratar como nominal</translation>
  </message>
  <message>
   <source>treat as ordinal</source>
   <translation>tratar como ordinal</translation>
  </message>
  <message>
   <source>treat the rest as missing</source>
   <translation>tratar el resto como perdido</translation>
  </message>
  <message>
   <source>treat {codes} as missing</source>
   <translation>tratar {codes} como perdido</translation>
  </message>
  <message>
   <source>treat {code} as missing</source>
   <translation>tratar {code} como perdido</translation>
  </message>
  <message>
   <source>treat {shown} as missing</source>
   <translation>tratar {shown} como ausente</translation>
  </message>
  <message>
   <source>treat “{word}” as missing</source>
   <translation>tratar «{word}» como perdido</translation>
  </message>
  <message>
   <source>trimmed M</source>
   <translation>M recortada</translation>
  </message>
  <message>
   <source>turned</source>
   <translation>girada</translation>
  </message>
  <message>
   <source>twice</source>
   <translation>dos veces</translation>
  </message>
  <message>
   <source>two</source>
   <translation>dos</translation>
  </message>
  <message>
   <source>two values at which the axis across ends; nothing that is drawn lies beyond</source>
   <translation>dos valores en que acaba el eje a lo ancho; nada dibujado queda más allá</translation>
  </message>
  <message>
   <source>two values at which the axis upwards ends; nothing that is drawn lies beyond</source>
   <translation>dos valores en que acaba el eje a lo alto; nada dibujado queda más allá</translation>
  </message>
  <message>
   <source>two values beyond which nothing can lie; the curve is reflected there</source>
   <translation>dos valores más allá de los cuales no puede haber nada; allí se refleja la curva</translation>
  </message>
  <message>
   <source>two variables, case by case or as a plane of counts</source>
   <translation>dos variables, caso por caso o como plano de recuentos</translation>
  </message>
  <message>
   <source>type 6</source>
   <translation>tipo 6</translation>
  </message>
  <message>
   <source>type 7</source>
   <translation>tipo 7</translation>
  </message>
  <message>
   <source>type 8</source>
   <translation>tipo 8</translation>
  </message>
  <message>
   <source>typed by hand</source>
   <translation>escrito a mano</translation>
  </message>
  <message>
   <source>typed number</source>
   <translation>número escrito</translation>
  </message>
  <message>
   <source>undo it</source>
   <translation>deshacerla</translation>
  </message>
  <message>
   <source>unit</source>
   <translation>unidad</translation>
  </message>
  <message>
   <source>upper limit of the confidence interval of the mean</source>
   <translation>límite superior del intervalo de confianza de la media</translation>
  </message>
  <message>
   <source>upper limit of the confidence interval of the median</source>
   <translation>límite superior del intervalo de confianza de la mediana</translation>
  </message>
  <message>
   <source>upper limit of the interval of the ICC</source>
   <translation>límite superior del intervalo de la ICC</translation>
  </message>
  <message>
   <source>upwards</source>
   <translation>a lo alto</translation>
  </message>
  <message>
   <source>use another source</source>
   <translation>usar otra fuente</translation>
  </message>
  <message>
   <source>use medians</source>
   <translation>usar medianas</translation>
  </message>
  <message>
   <source>usual</source>
   <translation>habitual</translation>
  </message>
  <message>
   <source>valid</source>
   <translation>válidos</translation>
  </message>
  <message>
   <source>value labels are written “1 = primary | 2 = secondary”; “{part}” is not.</source>
   <translation>las etiquetas de valores se escriben «1 = primary | 2 = secondary»; «{part}» no.</translation>
  </message>
  <message>
   <source>value labels of {names}</source>
   <translation>etiquetas de valores de {names}</translation>
  </message>
  <message>
   <source>value of {name}</source>
   <translation>valor de {name}</translation>
  </message>
  <message>
   <source>values beyond the fences and their cases</source>
   <translation>valores más allá de las vallas y sus casos</translation>
  </message>
  <message>
   <source>values exchanged for others</source>
   <translation>valores cambiados por otros</translation>
  </message>
  <message>
   <source>values of a measured variable in classes (yes), or one by one (no)</source>
   <translation>valores de una variable medida en clases (sí), o uno a uno (no)</translation>
  </message>
  <message>
   <source>values over time, or means per period</source>
   <translation>valores en el tiempo, o medias por periodo</translation>
  </message>
  <message>
   <source>values to spread</source>
   <translation>valores que extender</translation>
  </message>
  <message>
   <source>variables in columns</source>
   <translation>variables en columnas</translation>
  </message>
  <message>
   <source>variables that become rows</source>
   <translation>variables que pasan a ser filas</translation>
  </message>
  <message>
   <source>variables that hardly vary</source>
   <translation>variables que apenas varían</translation>
  </message>
  <message>
   <source>variance, n − 1</source>
   <translation>varianza, n − 1</translation>
  </message>
  <message>
   <source>week</source>
   <translation>semana</translation>
  </message>
  <message>
   <source>weekday</source>
   <translation>día de la semana</translation>
  </message>
  <message>
   <source>weeks, read as their first days (Mondays).</source>
   <translation>semanas, leídas como su primer día (lunes).</translation>
  </message>
  <message>
   <source>weigh every row</source>
   <translation>ponderar cada fila</translation>
  </message>
  <message>
   <source>weight the rows by {name}</source>
   <translation>ponderar las filas con {name}</translation>
  </message>
  <message>
   <source>weighted by {title}</source>
   <translation>ponderado por {title}</translation>
  </message>
  <message>
   <source>what fits</source>
   <translation>lo que convenga</translation>
  </message>
  <message>
   <source>what is marked and named</source>
   <translation>lo que se marca y nombra</translation>
  </message>
  <message>
   <source>what is taken out of both variables (partial correlation)</source>
   <translation>lo que se descuenta de ambas variables (correlación parcial)</translation>
  </message>
  <message>
   <source>what it looks like</source>
   <translation>qué aspecto tiene</translation>
  </message>
  <message>
   <source>what means no answer?</source>
   <translation>¿qué significa sin respuesta?</translation>
  </message>
  <message>
   <source>what of it</source>
   <translation>qué de ello</translation>
  </message>
  <message>
   <source>what stands beside its numbers (“{word}”) is not known as a unit; it was left as text.</source>
   <translation>lo que acompaña a los números («{word}») no es una unidad conocida; la columna quedó como texto.</translation>
  </message>
  <message>
   <source>what stands beside its numbers differs (“{one}”, “{other}”); it was left as text.</source>
   <translation>lo que acompaña a los números es distinto (“{one}”, “{other}”); se dejó como texto.</translation>
  </message>
  <message>
   <source>what tells the rows of a case apart</source>
   <translation>lo que distingue las filas de un caso</translation>
  </message>
  <message>
   <source>what the height of a bar is</source>
   <translation>qué es la altura de una barra</translation>
  </message>
  <message>
   <source>what the interval around a mean is</source>
   <translation>qué es el intervalo en torno a una media</translation>
  </message>
  <message>
   <source>what the percentages of a cross-table are of</source>
   <translation>de qué son los porcentajes de una tabla cruzada</translation>
  </message>
  <message>
   <source>what was measured</source>
   <translation>lo que se midió</translation>
  </message>
  <message>
   <source>where the first class begins</source>
   <translation>dónde empieza la primera clase</translation>
  </message>
  <message>
   <source>where values are missing, case by case</source>
   <translation>dónde faltan valores, caso por caso</translation>
  </message>
  <message>
   <source>where whiskers end</source>
   <translation>dónde acaban los bigotes</translation>
  </message>
  <message>
   <source>whether chance explains the difference between the groups; yes follows the statistics asked for</source>
   <translation>si el azar explica la diferencia entre los grupos; sí sigue a los estadísticos pedidos</translation>
  </message>
  <message>
   <source>which coefficient of correlation</source>
   <translation>qué coeficiente de correlación</translation>
  </message>
  <message>
   <source>which statistics the table shows, and in which order</source>
   <translation>qué estadísticos muestra la tabla, y en qué orden</translation>
  </message>
  <message>
   <source>which tests of normality the table shows</source>
   <translation>qué pruebas de normalidad muestra la tabla</translation>
  </message>
  <message>
   <source>whole numbers</source>
   <translation>números enteros</translation>
  </message>
  <message>
   <source>with</source>
   <translation>con</translation>
  </message>
  <message>
   <source>with the other exhibits</source>
   <translation>con los demás elementos</translation>
  </message>
  <message>
   <source>with {label}</source>
   <translation>con {label}</translation>
  </message>
  <message>
   <source>with “{text}”</source>
   <translation>con «{text}»</translation>
  </message>
  <message>
   <source>within the fences</source>
   <translation>dentro de las vallas</translation>
  </message>
  <message>
   <source>without a value</source>
   <translation>sin valor</translation>
  </message>
  <message>
   <source>without it {without:.6g}</source>
   <translation>sin ella {without:.6g}</translation>
  </message>
  <message>
   <source>words may no longer hold</source>
   <translation>quizá haya palabras que ya no son ciertas</translation>
  </message>
  <message>
   <source>words may no longer hold: {says}</source>
   <translation>quizá unas palabras ya no sean ciertas: {says}</translation>
  </message>
  <message>
   <source>words no longer hold</source>
   <translation>hay palabras que ya no son ciertas</translation>
  </message>
  <message>
   <source>write missing = show</source>
   <translation>escriba missing = show</translation>
  </message>
  <message>
   <source>write out</source>
   <translation>exportar</translation>
  </message>
  <message>
   <source>write the codebook: as an appendix to print, or as CSV</source>
   <translation>escribir el diccionario: como apéndice para imprimir, o como CSV</translation>
  </message>
  <message>
   <source>writing the codebook</source>
   <translation>escribiendo el diccionario</translation>
  </message>
  <message>
   <source>writing the report</source>
   <translation>escribiendo el informe</translation>
  </message>
  <message>
   <source>writing the study</source>
   <translation>escribiendo el estudio</translation>
  </message>
  <message>
   <source>writing {name}</source>
   <translation>escribiendo {name}</translation>
  </message>
  <message>
   <source>wrong end</source>
   <translation>extremo equivocado</translation>
  </message>
  <message>
   <source>wrong group</source>
   <translation>grupo equivocado</translation>
  </message>
  <message>
   <source>year</source>
   <translation>año</translation>
  </message>
  <message>
   <source>year of a date</source>
   <translation>año de una fecha</translation>
  </message>
  <message>
   <source>years of an era, those before ours below 0 ({number} for “{word}”).</source>
   <translation>años de una era, los anteriores a la nuestra por debajo de 0 ({number} por «{word}»).</translation>
  </message>
  <message>
   <source>yes</source>
   <translation>sí</translation>
  </message>
  <message>
   <source>z-score</source>
   <translation>puntuación z</translation>
  </message>
  <message>
   <source>z-score: distance from the mean in standard deviations</source>
   <translation>puntuación z: distancia a la media en desviaciones estándar</translation>
  </message>
  <message>
   <source>{above} was above {below}; they are {above_now} and {below_now} now</source>
   <translation>{above} era mayor que {below}; ahora son {above_now} y {below_now}</translation>
  </message>
  <message numerus="yes">
   <source>{cases} in {n:,} [row|rows]</source>
   <translation>
    <numerusform>{cases} en {n:,} fila</numerusform>
    <numerusform>{cases} en {n:,} filas</numerusform>
   </translation>
  </message>
  <message>
   <source>{code} no answer</source>
   <translation>{code} sin respuesta</translation>
  </message>
  <message>
   <source>{count:,} variables would result, more than {most_new}; choose another variable to tell rows apart.</source>
   <translation>Resultarían {count:,} variables, más de {most_new}; elija otra variable que distinga las filas.</translation>
  </message>
  <message>
   <source>{file} was changed by another program while it was open; the study goes on as “{other}”, and {file} stays.</source>
   <translation>{file} fue cambiado por otro programa mientras estaba abierto; el estudio sigue como «{other}», y {file} queda.</translation>
  </message>
  <message>
   <source>{file} was taken away while it was open; the study was saved there anew.</source>
   <translation>{file} se quitó mientras estaba abierto; el estudio se guardó allí de nuevo.</translation>
  </message>
  <message>
   <source>{file}, line {line}: this is no JSON record.</source>
   <translation>{file}, línea {line}: esto no es un registro JSON.</translation>
  </message>
  <message numerus="yes">
   <source>{file}, line {line}: {n} [field|fields] where the row of names has {names}. Mend the line, or name the delimiter.</source>
   <translation>
    <numerusform>{file}, línea {line}: {n} campo donde la fila de nombres tiene {names}. Corrija la línea o indique el separador.</numerusform>
    <numerusform>{file}, línea {line}: {n} campos donde la fila de nombres tiene {names}. Corrija la línea o indique el separador.</numerusform>
   </translation>
  </message>
  <message>
   <source>{file}, line {number}: a record of more than {size} MB is not read.</source>
   <translation>{file}, línea {number}: no se lee un registro de más de {size} MB.</translation>
  </message>
  <message>
   <source>{file}, line {number}: the record is nested more than {deepest} deep.</source>
   <translation>{file}, línea {number}: el registro está anidado más de {deepest} niveles.</translation>
  </message>
  <message>
   <source>{file}: a JSON document of more than 1 GB is not read; save its records one to a line (.jsonl).</source>
   <translation>{file}: no se lee un documento JSON de más de 1 GB; guarde un registro por línea (.jsonl).</translation>
  </message>
  <message>
   <source>{file}: a document of more than {size} MB is not read.</source>
   <translation>{file}: no se lee un documento de más de {size} MB.</translation>
  </message>
  <message>
   <source>{file}: a document that is refreshed is a .docx or an .odt.</source>
   <translation>{file}: un documento que se actualiza es un .docx o un .odt.</translation>
  </message>
  <message>
   <source>{file}: a name in it is not UTF-8 text.</source>
   <translation>{file}: un nombre que contiene no es texto UTF-8.</translation>
  </message>
  <message>
   <source>{file}: a paper that is read is a {names} or {endings}.</source>
   <translation>{file}: un trabajo que se lee es un {names} o {endings}.</translation>
  </message>
  <message>
   <source>{file}: a template is a .docx or an .odt.</source>
   <translation>{file}: una plantilla es un .docx o un .odt.</translation>
  </message>
  <message>
   <source>{file}: a text in it is not UTF-8.</source>
   <translation>{file}: un texto que contiene no es UTF-8.</translation>
  </message>
  <message>
   <source>{file}: another program is using this study just now; try again.</source>
   <translation>{file}: otro programa está usando este estudio; inténtelo de nuevo.</translation>
  </message>
  <message>
   <source>{file}: it cannot be read as delimited text: {why}.</source>
   <translation>{file}: no se puede leer como texto delimitado: {why}.</translation>
  </message>
  <message>
   <source>{file}: it cannot be unpacked; it is broken or was cut off.</source>
   <translation>{file}: no se puede descomprimir; está dañado o cortado.</translation>
  </message>
  <message>
   <source>{file}: it holds {rows:,} rows of {columns:,} columns, more than {most:,} values. Take fewer columns, or set ISTREL_MOST_VALUES to a larger number if the memory is there.</source>
   <translation>{file}: contiene {rows:,} filas de {columns:,} columnas, más de {most:,} valores. Tome menos columnas, o suba ISTREL_MOST_VALUES si hay memoria.</translation>
  </message>
  <message>
   <source>{file}: it is nested more than {deepest} deep.</source>
   <translation>{file}: está anidado más de {deepest} niveles.</translation>
  </message>
  <message>
   <source>{file}: it is packed twice; unpack it, and open the file in it.</source>
   <translation>{file}: está comprimido dos veces; descomprímalo y abra el archivo que contiene.</translation>
  </message>
  <message>
   <source>{file}: it names no table of data (“resources” with a “path”, or a “url”).</source>
   <translation>{file}: no nombra ninguna tabla de datos («resources» con «path», o «url»).</translation>
  </message>
  <message>
   <source>{file}: it unpacks to more than {size:.1f} GB, which is more than a packed table may.</source>
   <translation>{file}: descomprimido pasa de {size:.1f} GB, más de lo que puede una tabla comprimida.</translation>
  </message>
  <message>
   <source>{file}: its part {name} is too large to be read.</source>
   <translation>{file}: su parte {name} es demasiado grande para leerla.</translation>
  </message>
  <message>
   <source>{file}: its table “{place}” does not stand beside it, and nothing is fetched; open a copy of it.</source>
   <translation>{file}: su tabla «{place}» no está a su lado, y nada se descarga; abra una copia.</translation>
  </message>
  <message>
   <source>{file}: its table “{place}” is not there; put it beside the description.</source>
   <translation>{file}: su tabla «{place}» no está; póngala junto a la descripción.</translation>
  </message>
  <message>
   <source>{file}: no variable of it is in these data; it names {names}.</source>
   <translation>{file}: ninguna de sus variables está en estos datos; nombra {names}.</translation>
  </message>
  <message>
   <source>{file}: the archive is locked with a password; unpack it, and open the file in it.</source>
   <translation>{file}: el archivo está protegido con contraseña; descomprímalo y abra el archivo que contiene.</translation>
  </message>
  <message>
   <source>{file}: the bytes are not {letters}; name another encoding, or none.</source>
   <translation>{file}: los bytes no son {letters}; indique otra codificación o ninguna.</translation>
  </message>
  <message>
   <source>{file}: the bytes are not {letters}; name the encoding, for example cp1252.</source>
   <translation>{file}: los bytes no son {letters}; indique la codificación, por ejemplo cp1252.</translation>
  </message>
  <message>
   <source>{file}: the column “{name}” holds what cannot be shown as numbers, dates or text.</source>
   <translation>{file}: la columna «{name}» contiene algo que no puede mostrarse como números, fechas o texto.</translation>
  </message>
  <message>
   <source>{file}: the file is empty.</source>
   <translation>{file}: el archivo está vacío.</translation>
  </message>
  <message>
   <source>{file}: the file was changed or cut short while it was read; read it again.</source>
   <translation>{file}: el archivo cambió o se cortó mientras se leía; léalo de nuevo.</translation>
  </message>
  <message>
   <source>{file}: the records hold more than {most_names:,} different names, which no table has.</source>
   <translation>{file}: los registros tienen más de {most_names:,} nombres distintos; ninguna tabla los tiene.</translation>
  </message>
  <message>
   <source>{file}: the refreshed document stays a {ending} file.</source>
   <translation>{file}: el documento actualizado sigue siendo un archivo {ending}.</translation>
  </message>
  <message>
   <source>{file}: the study cannot be read or written ({reason}).</source>
   <translation>{file}: el estudio no puede leerse ni escribirse ({reason}).</translation>
  </message>
  <message>
   <source>{file}: there are names but no rows of data below them.</source>
   <translation>{file}: hay nombres, pero ninguna fila de datos debajo.</translation>
  </message>
  <message>
   <source>{file}: there are no columns in it.</source>
   <translation>{file}: no contiene columnas.</translation>
  </message>
  <message>
   <source>{file}: there are no records in it; a table is an array of records, or columns of arrays.</source>
   <translation>{file}: no contiene registros; una tabla es una lista de registros, o columnas de listas.</translation>
  </message>
  <message>
   <source>{file}: there is no row of names in it.</source>
   <translation>{file}: no contiene ninguna fila de nombres.</translation>
  </message>
  <message>
   <source>{file}: there is no sheet “{wanted}”.{hint} Its sheets are {names}.</source>
   <translation>{file}: no hay hoja «{wanted}».{hint} Sus hojas son {names}.</translation>
  </message>
  <message>
   <source>{file}: there is no such file.</source>
   <translation>{file}: no existe ese archivo.</translation>
  </message>
  <message>
   <source>{file}: there is no table in this archive, but {inside}.</source>
   <translation>{file}: en este archivo no hay tabla, sino {inside}.</translation>
  </message>
  <message>
   <source>{file}: there is no table in this database.</source>
   <translation>{file}: no hay ninguna tabla en esta base de datos.</translation>
  </message>
  <message>
   <source>{file}: there is no table “{sheet}” in it.{hint} Its tables are {names}.</source>
   <translation>{file}: no contiene la tabla «{sheet}».{hint} Sus tablas son {names}.</translation>
  </message>
  <message>
   <source>{file}: there is no table “{wanted}”.{hint} Its tables are {names}.</source>
   <translation>{file}: no hay tabla «{wanted}».{hint} Sus tablas son {names}.</translation>
  </message>
  <message>
   <source>{file}: there is no “{wanted}” in it.{hint} Its tables are {names}.</source>
   <translation>{file}: no contiene «{wanted}».{hint} Sus tablas son {names}.</translation>
  </message>
  <message>
   <source>{file}: this document is too large to be read.</source>
   <translation>{file}: este documento es demasiado grande para leerlo.</translation>
  </message>
  <message>
   <source>{file}: this file is read here and is never written over; choose another name.</source>
   <translation>{file}: este archivo se lee aquí y nunca se sobrescribe; elija otro nombre.</translation>
  </message>
  <message>
   <source>{file}: this is a folder; name a file in it.</source>
   <translation>{file}: es una carpeta; nombre un archivo de ella.</translation>
  </message>
  <message>
   <source>{file}: this is a page or document in markup, or a file of another program; {as_text}.</source>
   <translation>{file}: es una página o un documento con marcas, o el archivo de otro programa; {as_text}.</translation>
  </message>
  <message>
   <source>{file}: this is a presentation; {as_text}.</source>
   <translation>{file}: es una presentación; {as_text}.</translation>
  </message>
  <message>
   <source>{file}: this is a text document; {as_text}.</source>
   <translation>{file}: es un documento de texto; {as_text}.</translation>
  </message>
  <message>
   <source>{file}: this is no document of text.</source>
   <translation>{file}: no es un documento de texto.</translation>
  </message>
  <message>
   <source>{file}: this is no document, or it is damaged.</source>
   <translation>{file}: no es un documento, o está dañado.</translation>
  </message>
  <message>
   <source>{file}: this is no regular file; write what it gives to a file first.</source>
   <translation>{file}: no es un archivo corriente; escriba primero en un archivo lo que da.</translation>
  </message>
  <message>
   <source>{file}: this is no sound Arrow file, or it was cut off.</source>
   <translation>{file}: no es un archivo Arrow válido, o está cortado.</translation>
  </message>
  <message>
   <source>{file}: this is no sound JSON ({why}).</source>
   <translation>{file}: no es JSON válido ({why}).</translation>
  </message>
  <message>
   <source>{file}: this is no sound Parquet file, or it was cut off.</source>
   <translation>{file}: no es un archivo Parquet válido, o está cortado.</translation>
  </message>
  <message>
   <source>{file}: this is no sound database, or it was cut off ({error}).</source>
   <translation>{file}: no es una base de datos sana, o quedó cortada ({error}).</translation>
  </message>
  <message>
   <source>{file}: this is no study.</source>
   <translation>{file}: no es un estudio.</translation>
  </message>
  <message>
   <source>{file}: this is not a text file (it holds NUL bytes); open delimited text such as .csv.</source>
   <translation>{file}: no es un archivo de texto (contiene bytes NUL); abra texto delimitado como .csv.</translation>
  </message>
  <message>
   <source>{file}: this is not a text file; open delimited text such as .csv.</source>
   <translation>{file}: no es un archivo de texto; abra texto delimitado como .csv.</translation>
  </message>
  <message>
   <source>{file}: this is {words}.</source>
   <translation>{file}: es {words}.</translation>
  </message>
  <message>
   <source>{file}: this study holds other tables than it should, so it is not opened.</source>
   <translation>{file}: este estudio contiene otras tablas de las que debería; por eso no se abre.</translation>
  </message>
  <message>
   <source>{file}: this study is damaged or is none; {what_to_do}.</source>
   <translation>{file}: este estudio está dañado o no lo es; {what_to_do}.</translation>
  </message>
  <message>
   <source>{file}: this study is damaged; {what_to_do}.</source>
   <translation>{file}: este estudio está dañado; {what_to_do}.</translation>
  </message>
  <message>
   <source>{file}: this study is open in another window or run; close it there first.</source>
   <translation>{file}: este estudio está abierto en otra ventana o ejecución; ciérrelo allí primero.</translation>
  </message>
  <message>
   <source>{file}: this study was made by a newer Istrel; open it with that one.</source>
   <translation>{file}: este estudio se hizo con un Istrel más nuevo; ábralo con ese.</translation>
  </message>
  <message>
   <source>{file}: unpacked it would take {size:.1f} GB, more than a workbook may (1 GB). Save the sheet as delimited text (.csv).</source>
   <translation>{file}: descomprimido ocuparía {size:.1f} GB, más de lo que puede un libro (1 GB). Guarde la hoja como texto con separadores (.csv).</translation>
  </message>
  <message>
   <source>{file}: {given_up} (It was given up after {patience:.0f} seconds.)</source>
   <translation>{file}: {given_up} (Se abandonó tras {patience:.0f} segundos.)</translation>
  </message>
  <message>
   <source>{file}: {what} is not UTF-8 text.</source>
   <translation>{file}: {what} no es texto UTF-8.</translation>
  </message>
  <message>
   <source>{file}: {what} of more than {size} MB is not read.</source>
   <translation>{file}: {what} de más de {size} MB no se lee.</translation>
  </message>
  <message>
   <source>{file}: “{letters}” is not a known encoding; try utf-8 or cp1252.</source>
   <translation>{file}: «{letters}» no es una codificación conocida; pruebe utf-8 o cp1252.</translation>
  </message>
  <message>
   <source>{first} to {last}</source>
   <translation>{first} a {last}</translation>
  </message>
  <message>
   <source>{folder}: cannot be made ({why}).</source>
   <translation>{folder}: no puede crearse ({why}).</translation>
  </message>
  <message>
   <source>{forms} across groups</source>
   <translation>{forms} con grupos (across)</translation>
  </message>
  <message>
   <source>{forms} across groups or of several variables</source>
   <translation>{forms} con grupos (across) o varias variables</translation>
  </message>
  <message>
   <source>{label} calls {names} by name only; the codebook has no label.</source>
   <translation>{label} llama a {names} solo por su nombre; el diccionario no tiene etiqueta.</translation>
  </message>
  <message>
   <source>{label} cannot be made: {trouble}</source>
   <translation>{label} no puede hacerse: {trouble}</translation>
  </message>
  <message>
   <source>{label} copied</source>
   <translation>{label} copiado</translation>
  </message>
  <message>
   <source>{label} does not say of how many cases it is.</source>
   <translation>{label} no dice sobre cuántos casos es.</translation>
  </message>
  <message>
   <source>{label} draws standard errors; confidence intervals say more.</source>
   <translation>{label} dibuja errores estándar; los intervalos de confianza dicen más.</translation>
  </message>
  <message>
   <source>{label} gives means without standard deviations or intervals.</source>
   <translation>{label} da medias sin desviaciones estándar ni intervalos.</translation>
  </message>
  <message>
   <source>{label} gives medians without quartiles or a range.</source>
   <translation>{label} da medianas sin cuartiles ni recorrido.</translation>
  </message>
  <message>
   <source>{label} gives p; the statistic and its df stand nowhere, show its results text.</source>
   <translation>{label} da p; el estadístico y sus grados de libertad no están en ninguna parte, muestre su texto de resultados.</translation>
  </message>
  <message>
   <source>{label} gives standard errors where readers look for standard deviations.</source>
   <translation>{label} da errores estándar donde se buscan desviaciones estándar.</translation>
  </message>
  <message>
   <source>{label} has {name} = {value}</source>
   <translation>{label} tiene {name} = {value}</translation>
  </message>
  <message>
   <source>{label} hides how many cases {words} are, but {beside} it can be worked out; hide it there too, or keep one.</source>
   <translation>{label} oculta cuántos casos son {words}, pero {beside} puede deducirse; ocúltelo también allí, o conserve solo uno.</translation>
  </message>
  <message>
   <source>{label} in the text</source>
   <translation>{label} en el texto</translation>
  </message>
  <message>
   <source>{label} is mentioned before {label_2}.</source>
   <translation>{label} se menciona antes que {label_2}.</translation>
  </message>
  <message>
   <source>{label} is never mentioned in the text.</source>
   <translation>{label} no se menciona nunca en el texto.</translation>
  </message>
  <message>
   <source>{label} is {label_2} a second time.</source>
   <translation>{label} es {label_2} por segunda vez.</translation>
  </message>
  <message numerus="yes">
   <source>{label} leaves out {n} [case|cases] without a group and does not say so.</source>
   <translation>
    <numerusform>{label} omite {n} caso sin grupo y no lo dice.</numerusform>
    <numerusform>{label} omite {n} casos sin grupo y no lo dice.</numerusform>
   </translation>
  </message>
  <message>
   <source>{label} repeats {table}.</source>
   <translation>{label} repite {table}.</translation>
  </message>
  <message numerus="yes">
   <source>{label} tests a group of {n} [case|cases].</source>
   <translation>
    <numerusform>{label} prueba un grupo de {n} caso.</numerusform>
    <numerusform>{label} prueba un grupo de {n} casos.</numerusform>
   </translation>
  </message>
  <message>
   <source>{label} tests differences without saying how large they are.</source>
   <translation>{label} prueba diferencias sin decir su tamaño.</translation>
  </message>
  <message>
   <source>{label}, “{found}” in the text</source>
   <translation>{label}, «{found}» en el texto</translation>
  </message>
  <message>
   <source>{label}: {name} holds {code:g}, which looks like a code for a missing answer.</source>
   <translation>{label}: {name} contiene {code:g}, que parece un código de respuesta perdida.</translation>
  </message>
  <message>
   <source>{left}; it would be “{new}”</source>
   <translation>{left}; sería «{new}»</translation>
  </message>
  <message>
   <source>{len} more ▾</source>
   <translation>{len} más ▾</translation>
  </message>
  <message>
   <source>{letters} is cited in {where}.</source>
   <translation>{letters} está citado: {where}.</translation>
  </message>
  <message>
   <source>{letters} is of {own}, but stands beside {beside}.</source>
   <translation>{letters} es de {own}, pero está junto a {beside}.</translation>
  </message>
  <message>
   <source>{lost} is not where it was read; the study holds its data.</source>
   <translation>{lost} no está donde se leyó; el estudio conserva sus datos.</translation>
  </message>
  <message>
   <source>{low} to {high}</source>
   <translation>{low} a {high}</translation>
  </message>
  <message>
   <source>{message} Count classes or bands, name the most frequent (top = 20), or limit the cases.</source>
   <translation>{message} Cuente clases, nombre los más frecuentes (top = 20), o limite los casos.</translation>
  </message>
  <message>
   <source>{message} Two make a scatter, many a heat map.</source>
   <translation>{message} Dos hacen un diagrama de dispersión, muchas un mapa de calor.</translation>
  </message>
  <message>
   <source>{message} What you do is not on disk; it is tried again with the next change.</source>
   <translation>{message} Lo que hace no está en el disco; se intenta de nuevo con el próximo cambio.</translation>
  </message>
  <message>
   <source>{message} “arrange” is for one axis; leave it out.</source>
   <translation>{message} «arrange» es para un solo eje; quítelo.</translation>
  </message>
  <message>
   <source>{message}Limit the cases after “among”, or set it as table.</source>
   <translation>{message}Limite los casos tras «among», o póngalo como table.</translation>
  </message>
  <message>
   <source>{message}limit the cases after “among”, or leave log out.</source>
   <translation>{message}limite los casos tras «among», o quite log.</translation>
  </message>
  <message>
   <source>{message}widen them, or limit the cases after “among”.</source>
   <translation>{message}ensánchelos, o limite los casos tras «among».</translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [case|cases]</source>
   <translation>
    <numerusform>{n:,} caso</numerusform>
    <numerusform>{n:,} casos</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [cell|cells]</source>
   <translation>
    <numerusform>{n:,} celda</numerusform>
    <numerusform>{n:,} celdas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [figure|figures] redrawn</source>
   <translation>
    <numerusform>{n:,} figura redibujada</numerusform>
    <numerusform>{n:,} figuras redibujadas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [line|lines] set aside</source>
   <translation>
    <numerusform>{n:,} línea apartada</numerusform>
    <numerusform>{n:,} líneas apartadas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [number|numbers] moved</source>
   <translation>
    <numerusform>{n:,} número cambió</numerusform>
    <numerusform>{n:,} números cambiaron</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [number|numbers] moved in the text</source>
   <translation>
    <numerusform>{n:,} número cambió en el texto</numerusform>
    <numerusform>{n:,} números cambiaron en el texto</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [repeats|repeat] on both sides: their rows would multiply.</source>
   <translation>
    <numerusform>{n:,} se repite en ambos lados: sus filas se multiplicarían.</numerusform>
    <numerusform>{n:,} se repiten en ambos lados: sus filas se multiplicarían.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [row repeats|rows repeat]</source>
   <translation>
    <numerusform>{n:,} fila repite</numerusform>
    <numerusform>{n:,} filas repiten</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [row repeats|rows repeat] key and name; the first of each counts.</source>
   <translation>
    <numerusform>{n:,} fila repite clave y nombre; cuenta la primera de cada una.</numerusform>
    <numerusform>{n:,} filas repiten clave y nombre; cuenta la primera de cada una.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [row|rows]</source>
   <translation>
    <numerusform>{n:,} fila</numerusform>
    <numerusform>{n:,} filas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [row|rows] without key [is|are] left out.</source>
   <translation>
    <numerusform>{n:,} fila sin clave se omite.</numerusform>
    <numerusform>{n:,} filas sin clave se omiten.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [row|rows] without key or name [is|are] left out.</source>
   <translation>
    <numerusform>{n:,} fila sin clave o nombre se omite.</numerusform>
    <numerusform>{n:,} filas sin clave o nombre se omiten.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [stands|stand] more than once</source>
   <translation>
    <numerusform>{n:,} está más de una vez</numerusform>
    <numerusform>{n:,} están más de una vez</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [statement no longer holds|statements no longer hold]</source>
   <translation>
    <numerusform>{n:,} afirmación ya no es cierta</numerusform>
    <numerusform>{n:,} afirmaciones ya no son ciertas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [value of {key} stands|values of {key} stand]</source>
   <translation>
    <numerusform>{n:,} valor de {key} está</numerusform>
    <numerusform>{n:,} valores de {key} están</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [variable|variables]</source>
   <translation>
    <numerusform>{n:,} variable</numerusform>
    <numerusform>{n:,} variables</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [variable|variables] gathered</source>
   <translation>
    <numerusform>{n:,} variable reunida</numerusform>
    <numerusform>{n:,} variables reunidas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} different [text|texts]</source>
   <translation>
    <numerusform>{n:,} texto</numerusform>
    <numerusform>{n:,} textos distintos</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} different [value|values]</source>
   <translation>
    <numerusform>{n:,} valor</numerusform>
    <numerusform>{n:,} valores distintos</numerusform>
   </translation>
  </message>
  <message>
   <source>{n:,} distinct</source>
   <translation>{n:,} distintos</translation>
  </message>
  <message numerus="yes">
   <source>{n:,} key [value repeats|values repeat] on the {side}.</source>
   <translation>
    <numerusform>{n:,} valor de clave se repite {side}.</numerusform>
    <numerusform>{n:,} valores de clave se repiten {side}.</numerusform>
   </translation>
  </message>
  <message>
   <source>{n:,} missing ({why})</source>
   <translation>{n:,} perdidos ({why})</translation>
  </message>
  <message numerus="yes">
   <source>{n:,} of its dates [has|have] day and month the other way round, and [was|were] left unread.</source>
   <translation>
    <numerusform>{n:,} de sus fechas tiene el día y el mes al revés y quedó sin leer.</numerusform>
    <numerusform>{n:,} de sus fechas tienen el día y el mes al revés y quedaron sin leer.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} on the {side} [has|have] none.</source>
   <translation>
    <numerusform>{n:,} {side} no tiene ninguna.</numerusform>
    <numerusform>{n:,} {side} no tienen ninguna.</numerusform>
   </translation>
  </message>
  <message>
   <source>{n:,} rows would result.</source>
   <translation>Resultarían {n:,} filas.</translation>
  </message>
  <message>
   <source>{n:,} times</source>
   <translation>{n:,} veces</translation>
  </message>
  <message>
   <source>{n:,} valid</source>
   <translation>{n:,} válidos</translation>
  </message>
  <message numerus="yes">
   <source>{names} [is|are] not personal</source>
   <translation>
    <numerusform>{names} no es personal</numerusform>
    <numerusform>{names} no son personales</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{names} [is|are] personal</source>
   <translation>
    <numerusform>{names} es personal</numerusform>
    <numerusform>{names} son personales</numerusform>
   </translation>
  </message>
  <message>
   <source>{names} and {last}</source>
   <translation>{names} y {last}</translation>
  </message>
  <message>
   <source>{names} and {more:,} more</source>
   <translation>{names} y {more:,} más</translation>
  </message>
  <message>
   <source>{names} and {n:,} more</source>
   <translation>{names} y {n:,} más</translation>
  </message>
  <message>
   <source>{names} have different values, so their shares do not fit one figure; name one of them.</source>
   <translation>{names} tienen valores distintos, así que sus proporciones no caben en una figura; nombre una de ellas.</translation>
  </message>
  <message>
   <source>{name} (hidden)</source>
   <translation>{name} (oculta)</translation>
  </message>
  <message numerus="yes">
   <source>{name} has [a gap|{n} gaps]</source>
   <translation>
    <numerusform>{name} tiene un hueco</numerusform>
    <numerusform>{name} tiene {n} huecos</numerusform>
   </translation>
  </message>
  <message>
   <source>{name} has {count} humps</source>
   <translation>{name} tiene {count} jorobas</translation>
  </message>
  <message>
   <source>{name} holds {value:g}, which is beyond what an axis or classes can hold; correct it, or limit the cases after “among”.</source>
   <translation>{name} contiene {value:g}, más de lo que admiten un eje o unas clases; corríjalo, o limite los casos tras «among».</translation>
  </message>
  <message numerus="yes">
   <source>{name} in {n:,} [case|cases]</source>
   <translation>
    <numerusform>{name} en {n:,} caso</numerusform>
    <numerusform>{name} en {n:,} casos</numerusform>
   </translation>
  </message>
  <message>
   <source>{name} is open here.</source>
   <translation>{name} está abierto aquí.</translation>
  </message>
  <message>
   <source>{name} is strongly skewed; {label} gives its mean without a median.</source>
   <translation>{name} es muy asimétrica; {label} da su media sin mediana.</translation>
  </message>
  <message>
   <source>{name} items</source>
   <translation>Ítems {name}</translation>
  </message>
  <message>
   <source>{name} looks like the weight of each row, with {drawn}.</source>
   <translation>{name} parece el peso de cada fila, con {drawn}.</translation>
  </message>
  <message>
   <source>{name} looks like the weight of each row.</source>
   <translation>{name} parece el peso de cada fila.</translation>
  </message>
  <message>
   <source>{name} was not laid over: the study changed meanwhile; lay it over again.</source>
   <translation>{name} no se aplicó: el estudio cambió entretanto; aplíquelo de nuevo.</translation>
  </message>
  <message>
   <source>{name} with {other}</source>
   <translation>{name} con {other}</translation>
  </message>
  <message>
   <source>{name} written</source>
   <translation>{name} escrito</translation>
  </message>
  <message>
   <source>{name} · Istrel</source>
   <translation>{name} · Istrel</translation>
  </message>
  <message>
   <source>{name}, key words.{said}: at most {most_words:,} letters, without control characters.</source>
   <translation>{name}, clave words.{said}: como mucho {most_words:,} letras, sin caracteres de control.</translation>
  </message>
  <message>
   <source>{name}, key words.{said}: its places for numbers and names are {there}.</source>
   <translation>{name}, clave words.{said}: sus lugares para números y nombres son {there}.</translation>
  </message>
  <message>
   <source>{name}, key words: there is no phrase “{said}”.{hint}</source>
   <translation>{name}, clave words: no hay frase «{said}».{hint}</translation>
  </message>
  <message>
   <source>{name}, key {key}: {why}.</source>
   <translation>{name}, clave {key}: {why}.</translation>
  </message>
  <message>
   <source>{name}, line {line}: this is no valid TOML ({error}).</source>
   <translation>{name}, línea {line}: no es TOML válido ({error}).</translation>
  </message>
  <message>
   <source>{name}, line {line}: {message}</source>
   <translation>{name}, línea {line}: {message}</translation>
  </message>
  <message>
   <source>{name}, line {place}: a house style has no keys of so many parts.</source>
   <translation>{name}, línea {place}: un estilo no tiene claves de tantas partes.</translation>
  </message>
  <message>
   <source>{name}: a house style of more than {most_text:,} letters is not read.</source>
   <translation>{name}: no se lee un estilo de más de {most_text:,} letras.</translation>
  </message>
  <message>
   <source>{name}: first look</source>
   <translation>{name}: primera mirada</translation>
  </message>
  <message>
   <source>{name}: its brackets are nested too deep.</source>
   <translation>{name}: sus paréntesis están demasiado anidados.</translation>
  </message>
  <message>
   <source>{name}: nothing in this document was put there by Istrel; export the manuscript first.</source>
   <translation>{name}: nada en este documento lo puso Istrel; exporte primero el manuscrito.</translation>
  </message>
  <message>
   <source>{name}: this is no document, or it is damaged.</source>
   <translation>{name}: no es un documento, o está dañado.</translation>
  </message>
  <message>
   <source>{name}: this is no study as text.</source>
   <translation>{name}: no es un estudio como texto.</translation>
  </message>
  <message>
   <source>{name}: {valid:,} valid · {missing:,} missing · {distinct:,} distinct{zeros}</source>
   <translation>{name}: {valid:,} válidos · {missing:,} perdidos · {distinct:,} distintos{zeros}</translation>
  </message>
  <message>
   <source>{near}: edited by hand to “{old}”, left as it is</source>
   <translation>{near}: editado a mano a «{old}», se deja como está</translation>
  </message>
  <message>
   <source>{near}: “{old}” is now “{new}”, but {why}</source>
   <translation>{near}: «{old}» es ahora «{new}», pero {why}</translation>
  </message>
  <message numerus="yes">
   <source>{number} [thing|things] to look at</source>
   <translation>
    <numerusform>{number} cosa que mirar</numerusform>
    <numerusform>{number} cosas que mirar</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n} [number|numbers] moved beyond the digits in print</source>
   <translation>
    <numerusform>{n} número cambió más allá de las cifras impresas</numerusform>
    <numerusform>{n} números cambiaron más allá de las cifras impresas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n} [number|numbers] of {label} moved since accepted.</source>
   <translation>
    <numerusform>{n} número de {label} cambió desde la aceptación.</numerusform>
    <numerusform>{n} números de {label} cambiaron desde la aceptación.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n} [point|points] that a reviewer might raise.</source>
   <translation>
    <numerusform>{n} punto que un revisor podría señalar.</numerusform>
    <numerusform>{n} puntos que un revisor podría señalar.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n} [variable has|variables have] missing values</source>
   <translation>
    <numerusform>{n} variable tiene valores perdidos</numerusform>
    <numerusform>{n} variables tienen valores perdidos</numerusform>
   </translation>
  </message>
  <message>
   <source>{n} exchanged</source>
   <translation>{n} sustituidos</translation>
  </message>
  <message>
   <source>{n} items</source>
   <translation>{n} ítems</translation>
  </message>
  <message>
   <source>{n} more</source>
   <translation>{n} más</translation>
  </message>
  <message>
   <source>{n} more at Intake</source>
   <translation>{n} más en Entrada</translation>
  </message>
  <message>
   <source>{n} more like these</source>
   <translation>{n} más como estos</translation>
  </message>
  <message>
   <source>{n} rows are no cases:</source>
   <translation>{n} filas no son casos:</translation>
  </message>
  <message>
   <source>{n} steps before these: “copy” takes all.</source>
   <translation>{n} pasos antes de estos: «copiar» los toma todos.</translation>
  </message>
  <message>
   <source>{n} things to look at</source>
   <translation>{n} cosas que mirar</translation>
  </message>
  <message>
   <source>{n} to look at</source>
   <translation>{n} que mirar</translation>
  </message>
  <message>
   <source>{n} whole numbers cannot have this mean</source>
   <translation>{n} números enteros no pueden tener esta media</translation>
  </message>
  <message>
   <source>{n} whole numbers with this mean cannot have this SD</source>
   <translation>{n} números enteros con esta media no pueden tener esta DE</translation>
  </message>
  <message>
   <source>{one} and {n} more</source>
   <translation>{one} y {n} más</translation>
  </message>
  <message>
   <source>{others} changed since it was read. “Read changed files again” (Ctrl+K) takes the new data.</source>
   <translation>{others} ha cambiado desde que se leyó. «Releer los archivos cambiados» (Ctrl+K) toma los datos nuevos.</translation>
  </message>
  <message>
   <source>{others} stand once in each combination, and {name} says how often.</source>
   <translation>{others} están una vez en cada combinación, y {name} dice cuántas veces.</translation>
  </message>
  <message>
   <source>{parent}: cannot be made ({why}).</source>
   <translation>{parent}: no puede crearse ({why}).</translation>
  </message>
  <message>
   <source>{part:g} of {whole:g} are {share} %</source>
   <translation>{part:g} de {whole:g} son {share} %</translation>
  </message>
  <message>
   <source>{part} of {variable}</source>
   <translation>{part} de {variable}</translation>
  </message>
  <message>
   <source>{path}: cannot be read ({why}).</source>
   <translation>{path}: no puede leerse ({why}).</translation>
  </message>
  <message>
   <source>{path}: cannot be written ({why}).</source>
   <translation>{path}: no puede escribirse ({why}).</translation>
  </message>
  <message numerus="yes">
   <source>{persons:,} by {person} in {n:,} [row|rows]</source>
   <translation>
    <numerusform>{persons:,} según {person} en {n:,} fila</numerusform>
    <numerusform>{persons:,} según {person} en {n:,} filas</numerusform>
   </translation>
  </message>
  <message>
   <source>{places} or {last}</source>
   <translation>{places} o {last}</translation>
  </message>
  <message>
   <source>{place} (“{text}”)</source>
   <translation>{place} («{text}»)</translation>
  </message>
  <message>
   <source>{place}: cannot be made ({why}).</source>
   <translation>{place}: no puede crearse ({why}).</translation>
  </message>
  <message>
   <source>{place}: this folder is not empty; name a new one, so that nothing in it is lost or given away.</source>
   <translation>{place}: esta carpeta no está vacía; nombre una nueva, para que nada se pierda ni se entregue.</translation>
  </message>
  <message>
   <source>{place}: this is a file; name a folder, or a file that ends in .zip.</source>
   <translation>{place}: es un archivo; nombre una carpeta, o un archivo que acabe en .zip.</translation>
  </message>
  <message>
   <source>{rows:,} rows would result; {matched:,} rows on the left find a partner.</source>
   <translation>Resultarían {rows:,} filas; {matched:,} filas de la izquierda encuentran pareja.</translation>
  </message>
  <message>
   <source>{rows} and {variables} would result.</source>
   <translation>Resultarían {rows} y {variables}.</translation>
  </message>
  <message>
   <source>{source} lacks {names}.</source>
   <translation>A {source} le faltan {names}.</translation>
  </message>
  <message>
   <source>{statistic} of {label}</source>
   <translation>{statistic}, {label}</translation>
  </message>
  <message>
   <source>{statistic} of {label} ({where})</source>
   <translation>{statistic}, {label} ({where})</translation>
  </message>
  <message>
   <source>{text} is more than all.</source>
   <translation>{text} es más que todo.</translation>
  </message>
  <message>
   <source>{title} in bands</source>
   <translation>{title} en clases</translation>
  </message>
  <message>
   <source>{title} · {level}
click: describe it · “by”: make groups with it</source>
   <translation>{title} · {level}
clic: describirla · «by»: formar grupos con ella</translation>
  </message>
  <message>
   <source>{title} · {place} of {all}</source>
   <translation>{title} · {place} de {all}</translation>
  </message>
  <message>
   <source>{unit} since 1970, read as dates ({number} is {day}).</source>
   <translation>{unit} desde 1970, leídos como fechas ({number} es {day}).</translation>
  </message>
  <message numerus="yes">
   <source>{used:,} of {n:,} [case|cases]</source>
   <translation>
    <numerusform>{used:,} de {n:,} caso</numerusform>
    <numerusform>{used:,} de {n:,} casos</numerusform>
   </translation>
  </message>
  <message>
   <source>{value} in the file</source>
   <translation>{value} en el archivo</translation>
  </message>
  <message>
   <source>{variable} is {level}</source>
   <translation>{variable} es {level}</translation>
  </message>
  <message>
   <source>{was} is now {now}: another sign</source>
   <translation>{was} es ahora {now}: cambió de signo</translation>
  </message>
  <message>
   <source>{what} ({number} for “{word}”).</source>
   <translation>{what} ({number} por «{word}»).</translation>
  </message>
  <message>
   <source>{what} above {low}</source>
   <translation>{what} mayor que {low}</translation>
  </message>
  <message>
   <source>{what} between {low} and {high}</source>
   <translation>{what} entre {low} y {high}</translation>
  </message>
  <message>
   <source>{what} from {low}</source>
   <translation>{what} desde {low}</translation>
  </message>
  <message>
   <source>{what} taken from the name.</source>
   <translation>{what} tomadas del nombre.</translation>
  </message>
  <message>
   <source>{where} claims what the numbers no longer bear out: {said}.</source>
   <translation>{where} afirma lo que los números ya no sostienen: {said}.</translation>
  </message>
  <message numerus="yes">
   <source>{where} quotes {n} [number|numbers] that moved.</source>
   <translation>
    <numerusform>{where} cita {n} número que cambió.</numerusform>
    <numerusform>{where} cita {n} números que cambiaron.</numerusform>
   </translation>
  </message>
  <message>
   <source>{where}: {says}; do its words still hold?</source>
   <translation>{where}: {says}; ¿siguen siendo ciertas las palabras?</translation>
  </message>
  <message numerus="yes">
   <source>{words} [belongs|belong] to {where}.</source>
   <translation>
    <numerusform>{words} corresponde a {where}.</numerusform>
    <numerusform>{words} corresponden a {where}.</numerusform>
   </translation>
  </message>
  <message>
   <source>{words} and {n} more not read</source>
   <translation>{words} y {n} más no leídos</translation>
  </message>
  <message>
   <source>{words} not read</source>
   <translation>{words} no leído</translation>
  </message>
  <message>
   <source>· weighted by</source>
   <translation>· ponderado por</translation>
  </message>
  <message>
   <source>α if left out</source>
   <translation>α sin el ítem</translation>
  </message>
  <message>
   <source>“.{plain}” is no output that can be made.{hint} Outputs are {known}.</source>
   <translation>«.{plain}» no es una salida posible.{hint} Las salidas son {known}.</translation>
  </message>
  <message>
   <source>“agreement” does not go with “{other}”; leave one of them out.</source>
   <translation>«agreement» no va con «{other}»; quite uno de los dos.</translation>
  </message>
  <message>
   <source>“agreement” is that of two variables, named one after the other; name two.</source>
   <translation>«agreement» es el de dos variables, nombradas una tras otra; nombre dos.</translation>
  </message>
  <message>
   <source>“alpha” does not go with “{clause}”; leave one of them out.</source>
   <translation>«alpha» no va con «{clause}»; quite uno de los dos.</translation>
  </message>
  <message>
   <source>“alpha” is that of composites, variables made by mean(…) or sum(…) of items; there is none here.</source>
   <translation>«alpha» es el de compuestos, variables hechas con mean(…) o sum(…) de ítems; aquí no hay ninguna.</translation>
  </message>
  <message>
   <source>“combinations” are those of a question with several answers; there is none in this sentence.</source>
   <translation>«combinations» son las de una pregunta con varias respuestas; no hay ninguna en esta frase.</translation>
  </message>
  <message>
   <source>“difference” of coefficients is not defined under weights; leave it out, or add unweighted.</source>
   <translation>«difference» de coeficientes no está definido con pesos; quítelo, o añada unweighted.</translation>
  </message>
  <message>
   <source>“given” takes Pearson’s or Spearman’s coefficient; name one with method = pearson.</source>
   <translation>«given» toma el coeficiente de Pearson o de Spearman; nombre uno con method = pearson.</translation>
  </message>
  <message>
   <source>“intervals” of a cumulative curve are not defined under weights; leave it out, or add unweighted.</source>
   <translation>«intervals» de una curva acumulada no está definido con pesos; quítelo, o añada unweighted.</translation>
  </message>
  <message>
   <source>“pairs” compares more than two groups; there are no more here.</source>
   <translation>«pairs» compara más de dos grupos; aquí no hay más.</translation>
  </message>
  <message>
   <source>“pairs” compares {most_for_pairs} groups at most; here are {most}. Take fewer, or leave pairs out.</source>
   <translation>«pairs» compara {most_for_pairs} grupos como máximo; aquí hay {most}. Tome menos, o quite pairs.</translation>
  </message>
  <message>
   <source>“persons” needs to know whose rows these are; say so at the head of the Codebook, or with --person.</source>
   <translation>«persons» necesita saber de quién son estas filas; dígalo al inicio del diccionario, o con --person.</translation>
  </message>
  <message>
   <source>“recode” is written recode(x, 1 = 2, 3 = missing, else = 0).</source>
   <translation>«recode» se escribe recode(x, 1 = 2, 3 = missing, else = 0).</translation>
  </message>
  <message>
   <source>“{asked}” and “given” are not computed together; leave one of them out.</source>
   <translation>«{asked}» y «given» no se calculan juntos; quite uno de los dos.</translation>
  </message>
  <message>
   <source>“{asked}” needs to know whose rows these are; say so at the head of the Codebook, or with --person.</source>
   <translation>«{asked}» necesita saber de quién son estas filas; dígalo al inicio del diccionario, o con --person.</translation>
  </message>
  <message>
   <source>“{asked}” tells how many persons have several rows, which hide_below would hide; leave one of both out.</source>
   <translation>«{asked}» dice cuántas personas tienen varias filas, lo que hide_below ocultaría; quite uno de los dos.</translation>
  </message>
  <message>
   <source>“{child}” is made from “{leaving}”; take that out first.</source>
   <translation>«{child}» se forma de «{leaving}»; quite eso primero.</translation>
  </message>
  <message>
   <source>“{claim}” no longer holds</source>
   <translation>«{claim}» ya no es cierto</translation>
  </message>
  <message numerus="yes">
   <source>“{column}” does not {what}: [one row holds|{n:,} rows hold] {lack}: row {shown}. Mend or set aside these rows first.</source>
   <translation>
    <numerusform>«{column}» no puede {what}: una fila no tiene {lack}: fila {shown}. Corrija o aparte primero estas filas.</numerusform>
    <numerusform>«{column}» no puede {what}: {n:,} filas no tienen {lack}: fila {shown}. Corrija o aparte primero estas filas.</numerusform>
   </translation>
  </message>
  <message>
   <source>“{column}” holds dates, written as 2025-03-31; “{plain}” is none.</source>
   <translation>«{column}» contiene fechas, escritas como 2025-03-31; «{plain}» no lo es.</translation>
  </message>
  <message>
   <source>“{column}” holds no numbers, so it cannot say how many cases a row stands for.</source>
   <translation>«{column}» no contiene números, así que no puede decir cuántos casos representa una fila.</translation>
  </message>
  <message>
   <source>“{column}” holds no numbers, so it cannot weigh the rows.</source>
   <translation>«{column}» no contiene números, así que no puede ponderar las filas.</translation>
  </message>
  <message>
   <source>“{column}” holds numbers; “{plain}” is none.</source>
   <translation>«{column}» contiene números; «{plain}» no lo es.</translation>
  </message>
  <message>
   <source>“{counted}” counts no cases; there is nothing to work on.</source>
   <translation>«{counted}» no cuenta ningún caso; no hay nada que calcular.</translation>
  </message>
  <message>
   <source>“{counted}” counts {total:,} cases; of {count:,} variables {most:,} cases are the most that are worked on.</source>
   <translation>«{counted}» cuenta {total:,} casos; con {count:,} variables se trabaja con {most:,} como mucho.</translation>
  </message>
  <message>
   <source>“{dates_wanted}” is no order of dates; say {names}.</source>
   <translation>«{dates_wanted}» no es un orden de fechas; diga {names}.</translation>
  </message>
  <message>
   <source>“{delimiter}” separates no fields: the delimiter is one ASCII character, such as ; or \t.</source>
   <translation>«{delimiter}» no separa campos: el separador es un carácter ASCII, como ; o \t.</translation>
  </message>
  <message>
   <source>“{first}” and “{other}” have other occasions ({occasions}; {others}); put them in sentences of their own.</source>
   <translation>«{first}» y «{other}» tienen otras ocasiones ({occasions}; {others}); póngalas en frases propias.</translation>
  </message>
  <message>
   <source>“{form}” shows every case or accounts for it, so small counts cannot be hidden in it; set it as table.</source>
   <translation>«{form}» muestra cada caso o da cuenta de él, así que no pueden ocultarse en él recuentos pequeños; póngalo como table.</translation>
  </message>
  <message>
   <source>“{found}” stands here twice; name it once.</source>
   <translation>«{found}» está aquí dos veces; nómbrelo una vez.</translation>
  </message>
  <message>
   <source>“{function}” is written {form}.</source>
   <translation>«{function}» se escribe {form}.</translation>
  </message>
  <message>
   <source>“{function}” is written {form}: only the first part is a variable.</source>
   <translation>«{function}» se escribe {form}: solo la primera parte es una variable.</translation>
  </message>
  <message>
   <source>“{function}” knows no “{name}”; it is written {form}.</source>
   <translation>«{function}» no conoce «{name}»; se escribe {form}.</translation>
  </message>
  <message>
   <source>“{key}” takes a value: write {key} = … ({words}).</source>
   <translation>«{key}» toma un valor: escriba {key} = … ({words}).</translation>
  </message>
  <message>
   <source>“{kind}” is no change of a study.</source>
   <translation>«{kind}» no es un cambio de un estudio.</translation>
  </message>
  <message>
   <source>“{label}” has no expected share; name one for every value, 0 where none is expected.</source>
   <translation>«{label}» no tiene proporción esperada; nombre una para cada valor, 0 donde no se espera ninguna.</translation>
  </message>
  <message>
   <source>“{label}” is typed by hand and does not follow its number; put it in by “Refer to”.</source>
   <translation>«{label}» está escrito a mano y no sigue su número; insértelo con «Remitir a».</translation>
  </message>
  <message>
   <source>“{leaving}” is needed by a kept exhibit.</source>
   <translation>«{leaving}» lo necesita algo guardado.</translation>
  </message>
  <message>
   <source>“{measure}” is no way to gather; there are {names}.</source>
   <translation>«{measure}» no es una forma de reunir; hay {names}.</translation>
  </message>
  <message>
   <source>“{name} = {value}” belongs to {where}.</source>
   <translation>«{name} = {value}» corresponde a {where}.</translation>
  </message>
  <message>
   <source>“{name}” and “{other}” decide the same thing in two ways; leave one of them out.</source>
   <translation>«{name}» y «{other}» deciden lo mismo de dos maneras; quite uno de los dos.</translation>
  </message>
  <message>
   <source>“{name}” can mean {said}; write more of it.</source>
   <translation>«{name}» puede significar {said}; escriba más.</translation>
  </message>
  <message>
   <source>“{name}” cannot be made: {message}</source>
   <translation>«{name}» no puede formarse: {message}</translation>
  </message>
  <message>
   <source>“{name}” compares groups, and “against” each with a norm; leave one of them out.</source>
   <translation>«{name}» compara grupos, y «against» cada uno con una norma; quite uno de los dos.</translation>
  </message>
  <message>
   <source>“{name}” differs between the rows of one {who}, so persons cannot be counted by it; leave persons out.</source>
   <translation>«{name}» difiere entre las filas de {who}, así que no pueden contarse personas con ello; quite persons.</translation>
  </message>
  <message>
   <source>“{name}” has no number in any case in use, so there are no classes to count.</source>
   <translation>«{name}» no tiene número en ningún caso en uso, así que no hay clases que contar.</translation>
  </message>
  <message>
   <source>“{name}” has no number in any case in use, so there is nothing to draw.</source>
   <translation>«{name}» no tiene número en ningún caso en uso, así que no hay nada que dibujar.</translation>
  </message>
  <message>
   <source>“{name}” has occasions, which others have not; name it alone, without all or a stretch of others.</source>
   <translation>«{name}» tiene ocasiones, que otras no tienen; nómbrela sola, sin all ni una serie de otras.</translation>
  </message>
  <message>
   <source>“{name}” has values that are not above 0, which a logarithmic axis cannot show; </source>
   <translation>«{name}» tiene valores que no son mayores que 0, que un eje logarítmico no puede mostrar; </translation>
  </message>
  <message>
   <source>“{name}” holds no numbers, so it cannot be drawn as {form}; set it as table.</source>
   <translation>«{name}» no contiene números, así que no puede dibujarse como {form}; ponga table.</translation>
  </message>
  <message>
   <source>“{name}” holds no numbers, so it has no {measure}; take its first, last or count.</source>
   <translation>«{name}» no contiene números, así que no tiene {measure}; tome first, last o count.</translation>
  </message>
  <message>
   <source>“{name}” holds no numbers, so its shape cannot be checked; count it.</source>
   <translation>«{name}» no contiene números, así que no puede comprobarse su forma; cuéntela.</translation>
  </message>
  <message>
   <source>“{name}” holds words, which {coefficient} cannot take; use method = fitting.</source>
   <translation>«{name}» contiene palabras, que {coefficient} no puede tomar; use method = fitting.</translation>
  </message>
  <message>
   <source>“{name}” is a question with several answers, for which “{unfit}” is not defined; leave it out.</source>
   <translation>«{name}» es una pregunta con varias respuestas, para la que «{unfit}» no está definido; quítelo.</translation>
  </message>
  <message>
   <source>“{name}” is a variable of the source; it can be left out, not removed.</source>
   <translation>«{name}» es una variable de la fuente; se puede omitir, no quitar.</translation>
  </message>
  <message>
   <source>“{name}” is a variable of the source; it is not made by a formula.</source>
   <translation>«{name}» es una variable de la fuente; no la forma una fórmula.</translation>
  </message>
  <message>
   <source>“{name}” is about classes of measured values; here values are counted one by one ({names}).</source>
   <translation>«{name}» es de clases de valores medidos; aquí los valores se cuentan uno a uno ({names}).</translation>
  </message>
  <message>
   <source>“{name}” is for {what}, which this table does not show; ask for it, or leave {name} out.</source>
   <translation>«{name}» es para {what}, que esta tabla no muestra; pídalo, o quite {name}.</translation>
  </message>
  <message>
   <source>“{name}” is measured and has many values; draw it as histogram, or count it as {form}.</source>
   <translation>«{name}» es medida y tiene muchos valores; dibújela como histogram, o cuéntela como {form}.</translation>
  </message>
  <message>
   <source>“{name}” is needed by {names}; remove that first.</source>
   <translation>«{name}» lo necesita {names}; quite eso primero.</translation>
  </message>
  <message>
   <source>“{name}” is no composite of items; name the items, or a variable made by mean(…) or sum(…).</source>
   <translation>«{name}» no está compuesta de ítems; nombre los ítems, o una variable hecha con mean(…) o sum(…).</translation>
  </message>
  <message>
   <source>“{name}” is one of {names}; “{word}” is not.{hint}</source>
   <translation>«{name}» es uno de {names}; «{word}» no.{hint}</translation>
  </message>
  <message>
   <source>“{name}” is part of how the rows are weighted, but row {row:,}{more} holds {lack}; mend or set aside what is wrong, or add “with unweighted”.</source>
   <translation>«{name}» es parte de la ponderación de las filas, pero la fila {row:,}{more} contiene {lack}; arregle o aparte lo que está mal, o añada «with unweighted».</translation>
  </message>
  <message>
   <source>“{name}” is set twice.</source>
   <translation>«{name}» se fija dos veces.</translation>
  </message>
  <message>
   <source>“{name}” is yes or no; “{word}” is not.</source>
   <translation>«{name}» es yes o no; «{word}» no.</translation>
  </message>
  <message>
   <source>“{name}” is {level}, so it cannot be drawn as {form}; set it as table.</source>
   <translation>«{name}» es {level}, así que no puede dibujarse como {form}; ponga table.</translation>
  </message>
  <message>
   <source>“{name}” is {value}; it cannot be related to others.</source>
   <translation>«{name}» es {value}; no puede relacionarse con otras.</translation>
  </message>
  <message>
   <source>“{name}” is {words}; {word} is not.</source>
   <translation>«{name}» es {words}; {word} no.</translation>
  </message>
  <message>
   <source>“{name}” leaves out what is compared with expected shares; leave it out.</source>
   <translation>«{name}» deja fuera lo que se compara con partes esperadas; quítelo.</translation>
  </message>
  <message>
   <source>“{name}” means nothing here without “{wanted}”; add that, or leave {name} out.</source>
   <translation>«{name}» no significa nada aquí sin «{wanted}»; añádalo o quite {name}.</translation>
  </message>
  <message>
   <source>“{name}” need not be asked for here: {why}. Leave {name} out.</source>
   <translation>No hace falta pedir «{name}» aquí: {why}. Quite {name}.</translation>
  </message>
  <message>
   <source>“{name}” needs a list</source>
   <translation>«{name}» necesita una lista</translation>
  </message>
  <message>
   <source>“{name}” never has the value “{unknown}”.{hint}</source>
   <translation>«{name}» nunca tiene el valor «{unknown}».{hint}</translation>
  </message>
  <message>
   <source>“{name}” parts the cases at the limits; it stands in the codebook.</source>
   <translation>«{name}» divide los casos en los límites; está en el diccionario.</translation>
  </message>
  <message numerus="yes">
   <source>“{name}” says how many cases a row stands for, but [row {row:,} holds|row {row:,} and others, {n:,} in all, hold] no whole number from 0; mend or set aside what is wrong, or say that each row is a case of its own.</source>
   <translation>
    <numerusform>«{name}» dice cuántos casos representa una fila, pero la fila {row:,} no tiene un número entero desde 0; corrija o aparte lo que está mal, o diga que cada fila es un caso propio.</numerusform>
    <numerusform>«{name}» dice cuántos casos representa una fila, pero la fila {row:,} y otras, {n:,} en total, no tienen un número entero desde 0; corrija o aparte lo que está mal, o diga que cada fila es un caso propio.</numerusform>
   </translation>
  </message>
  <message>
   <source>“{name}” stands beside groups; choose layout = columns or rows.</source>
   <translation>«{name}» está junto a los grupos; elija layout = columns o rows.</translation>
  </message>
  <message>
   <source>“{name}” takes one value.</source>
   <translation>«{name}» toma un valor.</translation>
  </message>
  <message>
   <source>“{name}” takes two values, the lower one first: {example}.</source>
   <translation>«{name}» toma dos valores, el menor primero: {example}.</translation>
  </message>
  <message>
   <source>“{name}” takes {kind}; “{word}” is none.</source>
   <translation>«{name}» toma {kind}; «{word}» no lo es.</translation>
  </message>
  <message>
   <source>“{one}” was read as {letters}; as {others} it would be “{other}”.</source>
   <translation>«{one}» se leyó como {letters}; como {others} sería «{other}».</translation>
  </message>
  <message>
   <source>“{role}” is no role of a row; the roles are {names}.</source>
   <translation>«{role}» no es un papel de una fila; los papeles son {names}.</translation>
  </message>
  <message>
   <source>“{shape}” is not drawn under weights; set it as table, or add “with unweighted”.</source>
   <translation>«{shape}» no se dibuja con pesos; póngalo como table, o añada «with unweighted».</translation>
  </message>
  <message>
   <source>“{shown}” is not defined under weights; leave it out, or add unweighted.</source>
   <translation>«{shown}» no está definido con pesos; quítelo, o añada unweighted.</translation>
  </message>
  <message>
   <source>“{strange}” is no value of “{value}”; its values are {values}.</source>
   <translation>«{strange}» no es un valor de «{value}»; sus valores son {values}.</translation>
  </message>
  <message>
   <source>“{text} … {group}” does not hold: in {label} the {word} mean is of {group_2}.</source>
   <translation>«{text} … {group}» no es cierto: en {label} la media ({word}) es de {group_2}.</translation>
  </message>
  <message>
   <source>“{text}” and “{text_2}” are of different kinds.</source>
   <translation>«{text}» y «{text_2}» son de distinta clase.</translation>
  </message>
  <message>
   <source>“{text}” cannot be taken out of itself; name it among the variables or after “given”.</source>
   <translation>«{text}» no puede descontarse de sí misma; nómbrela entre las variables o tras «given».</translation>
  </message>
  <message>
   <source>“{text}” cannot make groups of itself; take it out of one of the two places.</source>
   <translation>«{text}» no puede formar grupos de sí misma; quítela de uno de los dos sitios.</translation>
  </message>
  <message>
   <source>“{text}” claims a cause; descriptive results do not bear that.</source>
   <translation>«{text}» afirma una causa; los resultados descriptivos no lo sostienen.</translation>
  </message>
  <message>
   <source>“{text}” has another decimal mark than the exhibits.</source>
   <translation>«{text}» tiene otro signo decimal que los elementos.</translation>
  </message>
  <message>
   <source>“{text}” has no occasions as “{name}” has; put it in a sentence of its own.</source>
   <translation>«{text}» no tiene ocasiones como «{name}»; póngala en una frase propia.</translation>
  </message>
  <message>
   <source>“{text}” has no value in any case in use, so it makes no groups.</source>
   <translation>«{text}» no tiene valor en ningún caso en uso, así que no forma grupos.</translation>
  </message>
  <message>
   <source>“{text}” holds words, which have no size: use = or in {{…}} instead of {operator}.</source>
   <translation>«{text}» contiene palabras, que no tienen tamaño: use = o in {{…}} en vez de {operator}.</translation>
  </message>
  <message>
   <source>“{text}” is a percentage of {base} cases; the count says it all.</source>
   <translation>«{text}» es un porcentaje de {base} casos; el recuento lo dice todo.</translation>
  </message>
  <message>
   <source>“{text}” is a question with several answers; count it in a sentence of its own.</source>
   <translation>«{text}» es una pregunta con varias respuestas; cuéntela en una frase propia.</translation>
  </message>
  <message>
   <source>“{text}” is compared with {what}; “{text_2}” is none.</source>
   <translation>«{text}» se compara con {what}; «{text_2}» no lo es.</translation>
  </message>
  <message>
   <source>“{text}” is in no exhibit; {has}.</source>
   <translation>«{text}» no está en ningún elemento; {has}.</translation>
  </message>
  <message>
   <source>“{text}” is no number.</source>
   <translation>«{text}» no es un número.</translation>
  </message>
  <message>
   <source>“{text}” is no whole number.</source>
   <translation>«{text}» no es un número entero.</translation>
  </message>
  <message>
   <source>“{text}” is of {groups}, but stands beside {beside}.</source>
   <translation>«{text}» es de {groups}, pero está junto a {beside}.</translation>
  </message>
  <message>
   <source>“{text}” is typed among live numbers; it will not follow the data.</source>
   <translation>«{text}» está escrito a mano entre números vivos; no seguirá a los datos.</translation>
  </message>
  <message>
   <source>“{text}” never has the value “{wanted}”.{hint}</source>
   <translation>«{text}» nunca tiene el valor «{wanted}».{hint}</translation>
  </message>
  <message>
   <source>“{text}” stands before “{text_2}” in the file; turn the range round.</source>
   <translation>«{text}» está antes que «{text_2}» en el archivo; dé la vuelta a la serie.</translation>
  </message>
  <message>
   <source>“{text}” stands in several columns; the flow of cases takes one of them, or all of them by name.</source>
   <translation>«{text}» ocupa varias columnas; el flujo de casos toma una de ellas, o todas por su nombre.</translation>
  </message>
  <message>
   <source>“{text}” stands nowhere</source>
   <translation>«{text}» no está en ninguna parte</translation>
  </message>
  <message>
   <source>“{text}” stands on both sides; leave it out of one.</source>
   <translation>«{text}» está en ambos lados; quítela de uno.</translation>
  </message>
  <message>
   <source>“{time}” holds no dates or numbers, so no line runs over it; name a date first.</source>
   <translation>«{time}» no contiene fechas ni números, así que ninguna línea la recorre; nombre primero una fecha.</translation>
  </message>
  <message>
   <source>“{time}” holds no dates, so there is no {said} in it; per = year takes years.</source>
   <translation>«{time}» no contiene fechas, así que no hay {said} en ella; per = year toma años.</translation>
  </message>
  <message>
   <source>“{value}” holds words; {function}( ) needs numbers.</source>
   <translation>«{value}» contiene palabras; {function}( ) necesita números.</translation>
  </message>
  <message>
   <source>“{value}” is a value; a variable or a formula stands here.</source>
   <translation>«{value}» es un valor; aquí va una variable o una fórmula.</translation>
  </message>
  <message>
   <source>“{value}” is a {what}; “{verb}” takes variables after “against”.</source>
   <translation>«{value}» es un {what}; «{verb}» toma variables tras «against».</translation>
  </message>
  <message>
   <source>“{value}” is no date.</source>
   <translation>«{value}» no es una fecha.</translation>
  </message>
  <message>
   <source>“{value}” means no answer in “{other}” and is an answer in “{name}”; say the same of both in the Codebook.</source>
   <translation>«{value}» significa sin respuesta en «{other}» y es una respuesta en «{name}»; diga lo mismo de ambas en el diccionario.</translation>
  </message>
  <message>
   <source>“{verb}” cannot be set as “{form}”; it can as {known}.</source>
   <translation>«{verb}» no puede ponerse como «{form}»; sí como {known}.</translation>
  </message>
  <message>
   <source>“{wanted}” is a variable of the data; a formula makes a new one and needs a name of its own.</source>
   <translation>«{wanted}» es una variable de los datos; una fórmula forma una nueva y necesita un nombre propio.</translation>
  </message>
  <message>
   <source>“{what}” holds words, which are neither true nor false: compare it, as in if(x = "a", 1, 0).</source>
   <translation>«{what}» contiene palabras, que no son ni verdaderas ni falsas: compárelas, como en if(x = "a", 1, 0).</translation>
  </message>
  <message>
   <source>“{what}” holds words; arithmetic needs numbers.</source>
   <translation>«{what}» contiene palabras; el cálculo necesita números.</translation>
  </message>
  <message>
   <source>“{words}” holds no numbers, so it has no line; name a date first, then what is measured.</source>
   <translation>«{words}» no contiene números, así que no tiene línea; nombre primero una fecha, luego lo medido.</translation>
  </message>
  <message>
   <source>“{words}” holds no numbers, so it has no place in a {form}; name numeric variables.</source>
   <translation>«{words}» no contiene números, así que no tiene lugar en {form}; nombre variables numéricas.</translation>
  </message>
  <message>
   <source>“{words}” holds words in no order that is known, so it is no item of a scale; put its answers in order in the Codebook, or leave it out.</source>
   <translation>«{words}» contiene palabras sin orden conocido, así que no es un ítem de escala; ordene sus respuestas en el diccionario, u omítalo.</translation>
  </message>
  <message>
   <source>“{words}” holds words, so it has no mean of a person; leave it out or leave out “{asked}”.</source>
   <translation>«{words}» contiene palabras, así que no tiene media de una persona; quítela o quite «{asked}».</translation>
  </message>
  <message>
   <source>“{words}” is not measured in numbers, so it is not compared with {value}.</source>
   <translation>«{words}» no se mide en números, así que no se compara con {value}.</translation>
  </message>
  <message>
   <source>“{words}” is not measured in numbers.</source>
   <translation>«{words}» no se mide en números.</translation>
  </message>
  <message>
   <source>“{words}”: {why}.</source>
   <translation>«{words}»: {why}.</translation>
  </message>
  <message>
   <source>“{word}”</source>
   <translation>«{word}»</translation>
  </message>
  <message>
   <source>“{word}” ({count:,})</source>
   <translation>«{word}» ({count:,})</translation>
  </message>
  <message>
   <source>“{word}” and its like are days without a year; it was left as text.</source>
   <translation>“{word}” y similares son días sin año; se dejó como texto.</translation>
  </message>
  <message>
   <source>“{word}” and its like were left as text; they may be powers of ten.</source>
   <translation>«{word}» y otros parecidos quedaron como texto; pueden ser potencias de diez.</translation>
  </message>
  <message>
   <source>“{word}” belongs to {owners}.</source>
   <translation>«{word}» es de {owners}.</translation>
  </message>
  <message>
   <source>“{word}” cannot stand here.</source>
   <translation>«{word}» no puede estar aquí.</translation>
  </message>
  <message>
   <source>“{word}” cannot stand here.{hint}</source>
   <translation>«{word}» no puede estar aquí.{hint}</translation>
  </message>
  <message>
   <source>“{word}” is a latitude and a longitude in one cell; it was left as text.</source>
   <translation>“{word}” es una latitud y una longitud en una celda; se dejó como texto.</translation>
  </message>
  <message>
   <source>“{word}” is no form.{hint}</source>
   <translation>«{word}» no es una forma.{hint}</translation>
  </message>
  <message>
   <source>“{word}” is no level of measurement.{hint}</source>
   <translation>«{word}» no es un nivel de medida.{hint}</translation>
  </message>
  <message>
   <source>“{word}” is no statistic and no setting.{hint}</source>
   <translation>«{word}» no es un estadístico ni un ajuste.{hint}</translation>
  </message>
  <message>
   <source>“{word}” is no statistic; a p comes with “test”.</source>
   <translation>«{word}» no es un estadístico; una p viene con «test».</translation>
  </message>
  <message>
   <source>“{word}” is no verb.{hint} {begins}</source>
   <translation>«{word}» no es un verbo.{hint} {begins}</translation>
  </message>
  <message>
   <source>“{word}” is no verb; write “{meant}”.</source>
   <translation>«{word}» no es un verbo; escriba «{meant}».</translation>
  </message>
  <message>
   <source>“{word}” is no {what}.{hint}</source>
   <translation>«{word}» no es de eso ({what}).{hint}</translation>
  </message>
  <message>
   <source>“{word}” may be hours and minutes, or minutes and seconds; it was left as text.</source>
   <translation>«{word}» puede ser horas y minutos, o minutos y segundos; la columna quedó como texto.</translation>
  </message>
  <message>
   <source>“{word}” may be {one} or {other}; it was left as text.</source>
   <translation>«{word}» puede ser {one} o {other}; la columna quedó como texto.</translation>
  </message>
  <message>
   <source>“{word}” may be {one} or {other}; the day was taken for the first.</source>
   <translation>«{word}» puede ser {one} o {other}; se tomó el día como primero.</translation>
  </message>
  <message>
   <source>“{word}” stands among words like names: a program may have made a date of one (as of SEPT2 or MARCH1). Mend it in the file or in its cell.</source>
   <translation>«{word}» está entre palabras que parecen nombres: un programa puede haber convertido un nombre en fecha (p. ej., SEPT2 o MARCH1). Corríjalo en el archivo o en la celda.</translation>
  </message>
  <message>
   <source>“{word}” stands twice; say each part once.</source>
   <translation>«{word}» está dos veces; diga cada parte una vez.</translation>
  </message>
  <message>
   <source>“{word}” was read as {day}, the year first.</source>
   <translation>«{word}» se leyó como {day}, el año primero.</translation>
  </message>
  <message>
   <source>“{word}” was read as {number}, unlike the rest of the file.</source>
   <translation>«{word}» se leyó como {number}, a diferencia del resto del archivo.</translation>
  </message>
  <message>
   <source>“{word}” was read as {number}.</source>
   <translation>«{word}» se leyó como {number}.</translation>
  </message>
  <message>
   <source>“{word}” was read as {number}; it may be {other}.</source>
   <translation>«{word}» se leyó como {number}; puede ser {other}.</translation>
  </message>
  <message>
   <source>“{word}” was read as {number}; the words beside numbers became their labels.</source>
   <translation>«{word}» se leyó como {number}; las palabras junto a los números pasaron a ser sus etiquetas.</translation>
  </message>
  <message>
   <source>… and {n} more of this kind.</source>
   <translation>… y {n} más de esta clase.</translation>
  </message>
  <message>
   <source>↶ undo: {words}</source>
   <translation>↶ deshacer: {words}</translation>
  </message>
 </context>
</TS>
