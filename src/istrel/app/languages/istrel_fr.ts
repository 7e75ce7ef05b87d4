<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr" sourcelanguage="en">
 <context>
  <name>window</name>
  <message>
   <source> Did you mean “{names}” or “{last}”?</source>
   <translation> Vouliez-vous dire « {names} » ou « {last} » ?</translation>
  </message>
  <message>
   <source> Did you mean “{word}”?</source>
   <translation> Vouliez-vous dire « {word} » ?</translation>
  </message>
  <message>
   <source> Forms are {names}.</source>
   <translation> Les formes sont {names}.</translation>
  </message>
  <message>
   <source> It is kept as it was in {name}.</source>
   <translation> Il est conservé tel qu’il était dans {name}.</translation>
  </message>
  <message>
   <source> Separate names by commas, or go on with across, among, as or with.</source>
   <translation> Séparez les noms par des virgules, ou continuez par across, among, as ou with.</translation>
  </message>
  <message>
   <source> and {n:,} more</source>
   <translation> et {n:,} de plus</translation>
  </message>
  <message>
   <source> · weighted</source>
   <translation> · pondéré</translation>
  </message>
  <message numerus="yes">
   <source> · {n:,} [zero|zeros]</source>
   <translation>
    <numerusform> · {n:,} zéro</numerusform>
    <numerusform> · {n:,} zéros</numerusform>
   </translation>
  </message>
  <message>
   <source>(near {where}): one mean hides them.</source>
   <translation>(vers {where}) : une seule moyenne les cache.</translation>
  </message>
  <message>
   <source>*d* of changes</source>
   <translation>*d* des changements</translation>
  </message>
  <message>
   <source>*p* adjusted</source>
   <translation>*p* ajusté</translation>
  </message>
  <message>
   <source>+ condition</source>
   <translation>+ condition</translation>
  </message>
  <message>
   <source>+ heading</source>
   <translation>+ titre</translation>
  </message>
  <message>
   <source>+ paragraph</source>
   <translation>+ paragraphe</translation>
  </message>
  <message>
   <source>, {n:,} made here</source>
   <translation>, dont {n:,} créées ici</translation>
  </message>
  <message>
   <source>1 case</source>
   <translation>1 cas</translation>
  </message>
  <message>
   <source>1.5 IQR</source>
   <translation>1,5 EI</translation>
  </message>
  <message>
   <source>3 IQR</source>
   <translation>3 EI</translation>
  </message>
  <message>
   <source>5th and 95th percentile</source>
   <translation>5e et 95e centiles</translation>
  </message>
  <message>
   <source>A .{ending} file holds one figure; name one sentence, or choose .docx or .html.</source>
   <translation>Un fichier .{ending} contient une seule figure ; donnez une seule phrase, ou choisissez .docx ou .html.</translation>
  </message>
  <message>
   <source>A bar of a histogram needs both limits of its class; “below” and “above” are for count.</source>
   <translation>Une barre d’histogramme demande les deux limites de sa classe ; « below » et « above » sont pour count.</translation>
  </message>
  <message>
   <source>A class width is above 0; {width:g} is not.</source>
   <translation>Une largeur de classe dépasse 0 ; {width:g} non.</translation>
  </message>
  <message>
   <source>A class width of {width:g} makes {count:,.0f} classes; at most {most_classes:,} are drawn.</source>
   <translation>Une largeur de classe de {width:g} fait {count:,.0f} classes ; on en dessine {most_classes:,} au plus.</translation>
  </message>
  <message>
   <source>A codebook cannot be written as “{ending}”.{hint} Its name can end in {known}.</source>
   <translation>Un dictionnaire ne s’écrit pas comme « {ending} ».{hint} Son nom peut finir par {known}.</translation>
  </message>
  <message>
   <source>A combination (×) is counted by itself; “against” takes variables one by one.</source>
   <translation>Une combinaison (×) se compte seule ; « against » prend des variables une à une.</translation>
  </message>
  <message>
   <source>A condition cannot stand where a value is needed; join conditions with and, or.</source>
   <translation>Une condition ne peut se trouver là où il faut une valeur ; joignez les conditions par and, or.</translation>
  </message>
  <message>
   <source>A condition needs a comparison, for example age &gt;= 18.</source>
   <translation>Une condition demande une comparaison, par exemple age &gt;= 18.</translation>
  </message>
  <message>
   <source>A derived variable needs a name.</source>
   <translation>Une variable dérivée a besoin d’un nom.</translation>
  </message>
  <message>
   <source>A figure as {form} can be arranged {listed_words}; “{said}” is for others.</source>
   <translation>Une figure {form} peut se disposer {listed_words} ; « {said} » est pour d’autres.</translation>
  </message>
  <message>
   <source>A folder for the exhibits</source>
   <translation>Un dossier pour les éléments</translation>
  </message>
  <message>
   <source>A folder with a file for each exhibit…</source>
   <translation>Un dossier avec un fichier par élément…</translation>
  </message>
  <message>
   <source>A grid of planes shows one group; leave the groups out, or limit the cases after “among”.</source>
   <translation>Une grille de plans montre un groupe ; ôtez les groupes, ou restreignez les cas après « among ».</translation>
  </message>
  <message>
   <source>A grid takes {low} to {high} numeric variables; these are {number}.</source>
   <translation>Une grille prend de {low} à {high} variables numériques ; il y en a {number}.</translation>
  </message>
  <message>
   <source>A grid tells {most_groups} groups apart; these are {groups}. Name fewer, or limit the cases.</source>
   <translation>Une grille distingue {most_groups} groupes ; il y en a {groups}. Nommez-en moins, ou restreignez les cas.</translation>
  </message>
  <message>
   <source>A guess:</source>
   <translation>Une supposition :</translation>
  </message>
  <message>
   <source>A guess: {words}</source>
   <translation>Une supposition : {words}</translation>
  </message>
  <message>
   <source>A heat map of counts needs two variables; name the other one after “against”.</source>
   <translation>Une carte de chaleur d’effectifs demande deux variables ; nommez l’autre après « against ».</translation>
  </message>
  <message>
   <source>A line for each person, and the means.</source>
   <translation>Une ligne pour chaque personne, et les moyennes.</translation>
  </message>
  <message>
   <source>A line holds {most_points:,} points; take means with per = month, or limit the cases.</source>
   <translation>Une ligne contient {most_points:,} points ; prenez des moyennes avec per = month, ou restreignez les cas.</translation>
  </message>
  <message>
   <source>A line runs over one grouping, or two that are crossed; name what it runs over after “across”.</source>
   <translation>Une ligne parcourt un groupement, ou deux croisés ; nommez après « across » ce qu’elle parcourt.</translation>
  </message>
  <message>
   <source>A line takes time first, then what is drawn over it.</source>
   <translation>Une ligne prend d’abord le temps, puis ce qui se dessine dessus.</translation>
  </message>
  <message>
   <source>A logarithmic axis begins above 0; {low:g} is not.</source>
   <translation>Un axe logarithmique commence au-dessus de 0 ; {low:g} ne l’est pas.</translation>
  </message>
  <message>
   <source>A missing map shows all cases together; leave the groups out, or limit the cases after “among”.</source>
   <translation>Une carte des manquants montre tous les cas ensemble ; ôtez les groupes, ou restreignez les cas après « among ».</translation>
  </message>
  <message>
   <source>A norm is not drawn as {form}; choose {names}.</source>
   <translation>Une norme ne se dessine pas en {form} ; choisissez {names}.</translation>
  </message>
  <message>
   <source>A package for an archive</source>
   <translation>Une archive à déposer</translation>
  </message>
  <message>
   <source>A package for an archive: data, codebook, exhibits…</source>
   <translation>Une archive à déposer : données, dictionnaire, éléments…</translation>
  </message>
  <message>
   <source>A paragraph</source>
   <translation>Un paragraphe</translation>
  </message>
  <message>
   <source>A person has two rows on one occasion of “{names}”; mend that first.</source>
   <translation>Une personne a deux lignes à une occasion de « {names} » ; corrigez cela d’abord.</translation>
  </message>
  <message>
   <source>A questionnaire</source>
   <translation>Un questionnaire</translation>
  </message>
  <message>
   <source>A range of variables stands only inside a function such as mean( ).</source>
   <translation>Une suite de variables ne se trouve que dans une fonction comme mean( ).</translation>
  </message>
  <message>
   <source>A row is an occasion of a person, or it stands for several cases; it cannot be both.</source>
   <translation>Une ligne est une occasion d’une personne, ou elle représente plusieurs cas ; pas les deux.</translation>
  </message>
  <message>
   <source>A row stands for several cases that were counted, or a sample weighs it; it cannot be both.</source>
   <translation>Une ligne représente plusieurs cas comptés, ou un échantillon la pondère ; pas les deux.</translation>
  </message>
  <message>
   <source>A scale has two items or more; name another one.</source>
   <translation>Une échelle a deux items ou plus ; nommez-en un autre.</translation>
  </message>
  <message>
   <source>A scatter over dates takes a date and one numeric variable, and nothing besides.</source>
   <translation>Un nuage de points sur des dates prend une date et une variable numérique, et rien d’autre.</translation>
  </message>
  <message>
   <source>A scatter takes two numeric variables; three or more make a grid.</source>
   <translation>Un nuage de points prend deux variables numériques ; trois ou plus font une grille.</translation>
  </message>
  <message>
   <source>A sentence begins with {names} or {last}.</source>
   <translation>Une phrase commence par {names} ou {last}.</translation>
  </message>
  <message>
   <source>A source of the study cannot be understood.</source>
   <translation>Une source de l’étude est incompréhensible.</translation>
  </message>
  <message>
   <source>A table cannot be written as .{ending}; {others}.</source>
   <translation>Cela ne s’écrit pas comme .{ending} ; {others}.</translation>
  </message>
  <message>
   <source>A table with categories has its groups side by side; leave layout out.</source>
   <translation>Avec des catégories, les groupes figurent côte à côte ; ôtez layout.</translation>
  </message>
  <message>
   <source>A template</source>
   <translation>Un modèle</translation>
  </message>
  <message>
   <source>A test against expected shares is not defined under weights; add “with unweighted”.</source>
   <translation>Un test contre des parts attendues n’est pas défini avec pondération ; ajoutez « with unweighted ».</translation>
  </message>
  <message>
   <source>A text gives a {name} without saying how far the values spread.</source>
   <translation>Un texte donne {name} sans dire comment les valeurs se dispersent.</translation>
  </message>
  <message>
   <source>A text gives p without the statistic that it belongs to.</source>
   <translation>Un texte donne p sans la statistique à laquelle il appartient.</translation>
  </message>
  <message>
   <source>A text mentions {label}, which is not in the manuscript.</source>
   <translation>Un texte mentionne {label}, qui n’est pas dans le manuscrit.</translation>
  </message>
  <message>
   <source>A text quotes p without the statistic that it belongs to.</source>
   <translation>Un texte cite p sans la statistique à laquelle il appartient.</translation>
  </message>
  <message>
   <source>A text refers to an exhibit that is not in the manuscript.</source>
   <translation>Un texte renvoie à un élément qui n’est pas dans le manuscrit.</translation>
  </message>
  <message>
   <source>A text speaks of significance; no test stands by it.</source>
   <translation>Un texte parle de significativité ; aucun test ne l’accompagne.</translation>
  </message>
  <message>
   <source>A variable cannot be made from itself: {steps}.</source>
   <translation>Une variable ne se forme pas d’elle-même : {steps}.</translation>
  </message>
  <message>
   <source>A variable has one role for the rows; name another one for the second.</source>
   <translation>Une variable a un seul rôle pour les lignes ; nommez-en une autre pour le second.</translation>
  </message>
  <message>
   <source>Accept every number as it is now</source>
   <translation>Accepter tous les nombres tels qu’ils sont</translation>
  </message>
  <message>
   <source>Add a heading to the manuscript</source>
   <translation>Ajouter un titre au manuscrit</translation>
  </message>
  <message>
   <source>Add a paragraph to the manuscript</source>
   <translation>Ajouter un paragraphe au manuscrit</translation>
  </message>
  <message>
   <source>Add data…</source>
   <translation>Ajouter des données…</translation>
  </message>
  <message>
   <source>Add how much the groups differ: “with difference”.</source>
   <translation>Ajoutez combien les groupes diffèrent : « with difference ».</translation>
  </message>
  <message>
   <source>Add the reproducibility appendix</source>
   <translation>Ajouter l’annexe de reproductibilité</translation>
  </message>
  <message>
   <source>Adjusted residuals</source>
   <translation>Résidus ajustés</translation>
  </message>
  <message>
   <source>After the comma comes another name.</source>
   <translation>Après la virgule vient un autre nom.</translation>
  </message>
  <message>
   <source>After the equals sign comes a value.</source>
   <translation>Après le signe égal vient une valeur.</translation>
  </message>
  <message>
   <source>After “across” comes the variable that makes the groups.</source>
   <translation>Après « across » vient la variable qui forme les groupes.</translation>
  </message>
  <message>
   <source>After “against” come variables, or one number, or shares in braces.</source>
   <translation>Après « against » viennent des variables, ou un nombre, ou des parts entre accolades.</translation>
  </message>
  <message>
   <source>After “against” comes a variable.</source>
   <translation>Après « against » vient une variable.</translation>
  </message>
  <message>
   <source>After “among” comes a condition, for example age &gt;= 18.</source>
   <translation>Après « among » vient une condition, par exemple age &gt;= 18.</translation>
  </message>
  <message>
   <source>After “as” comes a form: {names}.</source>
   <translation>Après « as » vient une forme : {names}.</translation>
  </message>
  <message>
   <source>After “given” come the variables that are taken out.</source>
   <translation>Après « given » viennent les variables qui sont ôtées.</translation>
  </message>
  <message>
   <source>After “with” comes a statistic or a setting, for example mean, sd or bins = 20.</source>
   <translation>Après « with » vient une statistique ou un réglage, par exemple mean, sd ou bins = 20.</translation>
  </message>
  <message>
   <source>After “{last}” come the variables, separated by commas.</source>
   <translation>Après « {last} » viennent les variables, séparées par des virgules.</translation>
  </message>
  <message>
   <source>Agreement</source>
   <translation>Accord</translation>
  </message>
  <message>
   <source>All cases in use again</source>
   <translation>Reprendre tous les cas</translation>
  </message>
  <message>
   <source>All files (*)</source>
   <translation>Tous les fichiers (*)</translation>
  </message>
  <message>
   <source>All files are as they were when they were read.</source>
   <translation>Tous les fichiers sont comme lors de leur lecture.</translation>
  </message>
  <message>
   <source>All keys</source>
   <translation>Toutes les touches</translation>
  </message>
  <message>
   <source>All values of “{name}” are equal ({values:g}), so there is no {form} to draw.</source>
   <translation>Toutes les valeurs de « {name} » sont égales ({values:g}), il n’y a donc rien à dessiner en {form}.</translation>
  </message>
  <message>
   <source>Alpha</source>
   <translation>Alpha</translation>
  </message>
  <message>
   <source>An action, a variable, a value, a finding, or a whole sentence</source>
   <translation>Une action, une variable, une valeur, un constat ou une phrase entière</translation>
  </message>
  <message>
   <source>An intake cannot be written as “.{ending}”.{hint} It can be {known}.</source>
   <translation>Une entrée ne s’écrit pas comme « .{ending} ».{hint} Elle peut être {known}.</translation>
  </message>
  <message>
   <source>An occasion tells the rows of a person apart; say who the person is, too.</source>
   <translation>Une occasion distingue les lignes d’une personne ; dites aussi qui est la personne.</translation>
  </message>
  <message>
   <source>And {n:,} more like it.</source>
   <translation>Et {n:,} autres du même genre.</translation>
  </message>
  <message>
   <source>Answers are set beside one grouping: “across” or “against”; leave one of them out.</source>
   <translation>Les réponses se placent à côté d’un groupement : « across » ou « against » ; ôtez l’un des deux.</translation>
  </message>
  <message>
   <source>Answers of which a case can give several do not fit {shape}; set them as table or bars.</source>
   <translation>Des réponses dont un cas peut donner plusieurs ne vont pas en {shape} ; composez-les en table ou bars.</translation>
  </message>
  <message>
   <source>Answers stand in columns where they are counted: begin with count.</source>
   <translation>Les réponses sont en colonnes là où on les compte : commencez par count.</translation>
  </message>
  <message>
   <source>Arranged</source>
   <translation>Disposition</translation>
  </message>
  <message>
   <source>At a glance</source>
   <translation>En un coup d’œil</translation>
  </message>
  <message>
   <source>Back to back stand two groups; there are others here.</source>
   <translation>Dos à dos se tiennent deux groupes ; ici il y en a d’autres.</translation>
  </message>
  <message>
   <source>Band</source>
   <translation>Bande</translation>
  </message>
  <message>
   <source>Bands from these cuts → {target}</source>
   <translation>Classes d’après ces coupures → {target}</translation>
  </message>
  <message>
   <source>Bandwidth</source>
   <translation>Largeur de bande</translation>
  </message>
  <message>
   <source>Bandwidth by</source>
   <translation>Largeur de bande selon</translation>
  </message>
  <message>
   <source>Bandwidth ×</source>
   <translation>Largeur de bande ×</translation>
  </message>
  <message>
   <source>Bars of categories have no density; choose count, percent or proportion.</source>
   <translation>Les barres de catégories n’ont pas de densité ; choisissez count, percent ou proportion.</translation>
  </message>
  <message>
   <source>Begin a new study</source>
   <translation>Commencer une nouvelle étude</translation>
  </message>
  <message>
   <source>Belongs to this study; Save as… makes a file for others.</source>
   <translation>Appartient à cette étude ; « Enregistrer sous… » en fait un fichier pour d’autres.</translation>
  </message>
  <message>
   <source>Below the table was left out: {words}.</source>
   <translation>Laissé de côté sous les données : {words}.</translation>
  </message>
  <message>
   <source>Below zero</source>
   <translation>En dessous de zéro</translation>
  </message>
  <message>
   <source>Bench</source>
   <translation>Établi</translation>
  </message>
  <message>
   <source>Benjamini–Hochberg</source>
   <translation>Benjamini–Hochberg</translation>
  </message>
  <message>
   <source>Between persons</source>
   <translation>Entre personnes</translation>
  </message>
  <message>
   <source>Between the limits: {text}</source>
   <translation>Entre les limites : {text}</translation>
  </message>
  <message>
   <source>Binary</source>
   <translation>Binaire</translation>
  </message>
  <message>
   <source>Bounds</source>
   <translation>Bornes</translation>
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
   <translation>Cas</translation>
  </message>
  <message>
   <source>Cases are chosen after “among”: describe age among age &gt;= 18.</source>
   <translation>Les cas se choisissent après « among » : describe age among age &gt;= 18.</translation>
  </message>
  <message>
   <source>Cases part only once on their way; write “× {text}”, or leave “{text}” out.</source>
   <translation>Les cas ne se séparent qu’une fois en chemin ; écrivez « × {text} », ou ôtez « {text} ».</translation>
  </message>
  <message>
   <source>Change this</source>
   <translation>Modifier ceci</translation>
  </message>
  <message>
   <source>Chapter</source>
   <translation>Chapitre</translation>
  </message>
  <message>
   <source>Chapter of the handbook</source>
   <translation>Chapitre du manuel</translation>
  </message>
  <message>
   <source>Choose first what to describe; then “by” makes the groups.</source>
   <translation>Choisissez d’abord ce qu’il faut décrire ; « by » forme ensuite les groupes.</translation>
  </message>
  <message>
   <source>Choose the key: the variable that says which rows belong together.</source>
   <translation>Choisissez la clé : la variable qui dit quelles lignes vont ensemble.</translation>
  </message>
  <message>
   <source>Cite the number under the pointer</source>
   <translation>Citer le nombre sous le pointeur</translation>
  </message>
  <message>
   <source>Class width</source>
   <translation>Largeur des classes</translation>
  </message>
  <message>
   <source>Classes by</source>
   <translation>Classes selon</translation>
  </message>
  <message>
   <source>Classes closed</source>
   <translation>Classes fermées</translation>
  </message>
  <message>
   <source>Classes of “{name}” have their own order; leave {setting} out.</source>
   <translation>Les classes de « {name} » ont leur ordre à elles ; ôtez {setting}.</translation>
  </message>
  <message>
   <source>Click a number of the table: it opens and shows its working.</source>
   <translation>Cliquez sur un nombre : il s’ouvre et montre d’où il vient.</translation>
  </message>
  <message>
   <source>Click variables on the left, type a sentence above, or begin with one of these.</source>
   <translation>Cliquez sur des variables à gauche, écrivez une phrase en haut, ou commencez par l’une de celles-ci.</translation>
  </message>
  <message>
   <source>Close Istrel</source>
   <translation>Fermer Istrel</translation>
  </message>
  <message>
   <source>Close the handbook</source>
   <translation>Fermer le manuel</translation>
  </message>
  <message>
   <source>Clusters: {name}.</source>
   <translation>Grappes : {name}.</translation>
  </message>
  <message>
   <source>Codebook</source>
   <translation>Dictionnaire</translation>
  </message>
  <message>
   <source>Codebook of {name}</source>
   <translation>Dictionnaire de {name}</translation>
  </message>
  <message>
   <source>Coefficient</source>
   <translation>Coefficient</translation>
  </message>
  <message>
   <source>Combinations</source>
   <translation>Combinaisons</translation>
  </message>
  <message>
   <source>Condition on cases</source>
   <translation>Condition sur les cas</translation>
  </message>
  <message>
   <source>Confidence</source>
   <translation>Confiance</translation>
  </message>
  <message>
   <source>Continuous</source>
   <translation>Continue</translation>
  </message>
  <message>
   <source>Copy</source>
   <translation>Copier</translation>
  </message>
  <message>
   <source>Copy and edit the house style</source>
   <translation>Copier et modifier le style maison</translation>
  </message>
  <message>
   <source>Copy and edit this style</source>
   <translation>Copier et modifier ce style</translation>
  </message>
  <message>
   <source>Copy the exhibit</source>
   <translation>Copier l’élément</translation>
  </message>
  <message>
   <source>Corrections</source>
   <translation>Corrections</translation>
  </message>
  <message>
   <source>Counsel: {words}</source>
   <translation>Conseil : {words}</translation>
  </message>
  <message>
   <source>Count</source>
   <translation>Comptage</translation>
  </message>
  <message>
   <source>Cronbach’s alpha of composites on the diagonal of the matrix</source>
   <translation>Alpha de Cronbach des composites sur la diagonale de la matrice</translation>
  </message>
  <message>
   <source>Cronbach’s α = {alpha}, n = {n:,}</source>
   <translation>α de Cronbach = {alpha}, n = {n:,}</translation>
  </message>
  <message>
   <source>Cumulative</source>
   <translation>Cumulé</translation>
  </message>
  <message>
   <source>Cumulative bars cannot be stacked; leave cumulative or the arrangement out.</source>
   <translation>Des barres cumulées ne peuvent s’empiler ; ôtez cumulative ou la disposition.</translation>
  </message>
  <message>
   <source>Cumulative percentages need the values in their own order; leave order and top out.</source>
   <translation>Les pourcentages cumulés veulent les valeurs dans leur ordre ; ôtez order et top.</translation>
  </message>
  <message>
   <source>Curve</source>
   <translation>Courbe</translation>
  </message>
  <message>
   <source>Data</source>
   <translation>Données</translation>
  </message>
  <message>
   <source>Data and studies</source>
   <translation>Données et études</translation>
  </message>
  <message>
   <source>Date</source>
   <translation>Date</translation>
  </message>
  <message>
   <source>Days between</source>
   <translation>Jours entre les deux</translation>
  </message>
  <message>
   <source>Decimal mark</source>
   <translation>Séparateur décimal</translation>
  </message>
  <message>
   <source>Decimals</source>
   <translation>Décimales</translation>
  </message>
  <message>
   <source>Decimals of coefficients</source>
   <translation>Décimales des coefficients</translation>
  </message>
  <message>
   <source>Decimals of measures</source>
   <translation>Décimales des mesures</translation>
  </message>
  <message>
   <source>Decimals of p</source>
   <translation>Décimales de p</translation>
  </message>
  <message>
   <source>Decimals of percentages</source>
   <translation>Décimales des pourcentages</translation>
  </message>
  <message>
   <source>Decimals of test statistics</source>
   <translation>Décimales des statistiques de test</translation>
  </message>
  <message>
   <source>Deletion</source>
   <translation>Exclusion</translation>
  </message>
  <message>
   <source>Derive</source>
   <translation>Dériver</translation>
  </message>
  <message>
   <source>Derive a variable</source>
   <translation>Dériver une variable</translation>
  </message>
  <message>
   <source>Derive a variable: name = expression</source>
   <translation>Dériver une variable : nom = expression</translation>
  </message>
  <message>
   <source>Did it change? The comparison is made within persons.</source>
   <translation>Cela a-t-il changé ? La comparaison se fait au sein des personnes.</translation>
  </message>
  <message>
   <source>Differences</source>
   <translation>Différences</translation>
  </message>
  <message>
   <source>Distinct</source>
   <translation>Distinctes</translation>
  </message>
  <message>
   <source>Distribution</source>
   <translation>Distribution</translation>
  </message>
  <message>
   <source>Distribution with cuts</source>
   <translation>Distribution et coupures</translation>
  </message>
  <message>
   <source>Do the items hang together?</source>
   <translation>Les items vont-ils ensemble ?</translation>
  </message>
  <message>
   <source>Doane</source>
   <translation>Doane</translation>
  </message>
  <message>
   <source>Dots per inch</source>
   <translation>Points par pouce</translation>
  </message>
  <message>
   <source>Drag the two limits.</source>
   <translation>Faites glisser les deux limites.</translation>
  </message>
  <message>
   <source>Drop a data file or a study here, or open one.</source>
   <translation>Déposez ici un fichier de données ou une étude, ou ouvrez-en un.</translation>
  </message>
  <message>
   <source>Drop a data file or a study here: delimited text, a workbook, Parquet, Arrow, JSON or SQLite; packed files, too.</source>
   <translation>Déposez ici un fichier de données ou une étude : texte délimité, classeur, Parquet, Arrow, JSON ou SQLite, compressé ou non.</translation>
  </message>
  <message>
   <source>Each column is a variable, cases run from top to bottom in the order of the file; the darker, the more is missing.</source>
   <translation>Chaque colonne est une variable, les cas vont de haut en bas dans l’ordre du fichier ; plus c’est foncé, plus il en manque.</translation>
  </message>
  <message>
   <source>Each is made from {low:,} to {high:,} rows.</source>
   <translation>Chacune provient de {low:,} à {high:,} lignes.</translation>
  </message>
  <message>
   <source>Each row is</source>
   <translation>Chaque ligne est</translation>
  </message>
  <message>
   <source>Each row is one</source>
   <translation>Chaque ligne correspond à</translation>
  </message>
  <message>
   <source>Each row is one {one} of one {who}.</source>
   <translation>Chaque ligne est un {one} d’un {who}.</translation>
  </message>
  <message>
   <source>Each row stands for as many cases as</source>
   <translation>Chaque ligne représente autant de cas que</translation>
  </message>
  <message>
   <source>Each row stands for as many cases as {name} says.</source>
   <translation>Chaque ligne représente autant de cas que l’indique {name}.</translation>
  </message>
  <message>
   <source>Each value has one expected share, and their sum is above 0.</source>
   <translation>Chaque valeur a une part attendue, et leur somme dépasse 0.</translation>
  </message>
  <message>
   <source>Edges</source>
   <translation>Limites de classes</translation>
  </message>
  <message>
   <source>Edges are two or more numbers in ascending order.</source>
   <translation>Les bords sont deux nombres ou plus en ordre croissant.</translation>
  </message>
  <message>
   <source>Eight</source>
   <translation>Huit</translation>
  </message>
  <message>
   <source>Eleven</source>
   <translation>Onze</translation>
  </message>
  <message>
   <source>Ends</source>
   <translation>Extrémités</translation>
  </message>
  <message>
   <source>Ends across</source>
   <translation>Bouts en largeur</translation>
  </message>
  <message>
   <source>Ends upwards</source>
   <translation>Bouts en hauteur</translation>
  </message>
  <message>
   <source>English</source>
   <translation>anglais</translation>
  </message>
  <message>
   <source>Enlarge the proof</source>
   <translation>Agrandir l’épreuve</translation>
  </message>
  <message>
   <source>Everything Istrel can do</source>
   <translation>Tout ce qu’Istrel sait faire</translation>
  </message>
  <message>
   <source>Exchanged</source>
   <translation>Remplacé</translation>
  </message>
  <message>
   <source>Exhibit</source>
   <translation>Élément</translation>
  </message>
  <message>
   <source>Expected counts</source>
   <translation>Effectifs attendus</translation>
  </message>
  <message>
   <source>Expected shares belong to the values of one variable; count one, value by value.</source>
   <translation>Les parts attendues vont aux valeurs d’une variable ; comptez-en une, valeur par valeur.</translation>
  </message>
  <message>
   <source>Expected shares stand in a table; leave “as {form}” out.</source>
   <translation>Les parts attendues se donnent en lignes et en colonnes ; ôtez « as {form} ».</translation>
  </message>
  <message>
   <source>Explore the demo study</source>
   <translation>Explorer l’étude d’exemple</translation>
  </message>
  <message>
   <source>Export a folder with a file for each exhibit…</source>
   <translation>Exporter un dossier avec un fichier par élément…</translation>
  </message>
  <message>
   <source>Export manuscript</source>
   <translation>Exporter le manuscrit</translation>
  </message>
  <message>
   <source>Export manuscript ▾</source>
   <translation>Exporter le manuscrit ▾</translation>
  </message>
  <message>
   <source>Export the codebook…</source>
   <translation>Exporter le dictionnaire…</translation>
  </message>
  <message>
   <source>Export the manuscript…</source>
   <translation>Exporter le manuscrit…</translation>
  </message>
  <message>
   <source>Export ▾</source>
   <translation>Exporter ▾</translation>
  </message>
  <message>
   <source>Fences</source>
   <translation>Barrières</translation>
  </message>
  <message>
   <source>Figures</source>
   <translation>Figures</translation>
  </message>
  <message>
   <source>Figures, pt</source>
   <translation>Figures, pt</translation>
  </message>
  <message>
   <source>Filled</source>
   <translation>Rempli</translation>
  </message>
  <message>
   <source>Find</source>
   <translation>Chercher</translation>
  </message>
  <message>
   <source>Find a finding</source>
   <translation>Chercher un constat</translation>
  </message>
  <message>
   <source>Find a value or a case number</source>
   <translation>Chercher une valeur ou un numéro</translation>
  </message>
  <message>
   <source>Find a variable</source>
   <translation>Chercher une variable</translation>
  </message>
  <message>
   <source>Find a variable  /</source>
   <translation>Chercher une variable  /</translation>
  </message>
  <message>
   <source>Find a variable for the condition</source>
   <translation>Chercher une variable pour la condition</translation>
  </message>
  <message>
   <source>Find anything</source>
   <translation>Tout chercher</translation>
  </message>
  <message>
   <source>Find cases</source>
   <translation>Chercher des cas</translation>
  </message>
  <message>
   <source>First</source>
   <translation>Premier</translation>
  </message>
  <message>
   <source>First and last rows</source>
   <translation>Premières et dernières lignes</translation>
  </message>
  <message>
   <source>First edge</source>
   <translation>Première limite</translation>
  </message>
  <message>
   <source>First rows of the file</source>
   <translation>Premières lignes du fichier</translation>
  </message>
  <message>
   <source>First walks</source>
   <translation>Premières visites</translation>
  </message>
  <message>
   <source>Five</source>
   <translation>Cinq</translation>
  </message>
  <message>
   <source>Font of documents</source>
   <translation>Police des documents</translation>
  </message>
  <message>
   <source>Found sound: {parts}.</source>
   <translation>Trouvé en ordre : {parts}.</translation>
  </message>
  <message>
   <source>Four</source>
   <translation>Quatre</translation>
  </message>
  <message>
   <source>Freedman–Diaconis</source>
   <translation>Freedman–Diaconis</translation>
  </message>
  <message>
   <source>French</source>
   <translation>français</translation>
  </message>
  <message>
   <source>Frequencies stand in rows, or with layout = answers each variable has a row.</source>
   <translation>Les effectifs sont en lignes ; avec layout = answers, chaque variable a une ligne.</translation>
  </message>
  <message>
   <source>Functions: {names}.</source>
   <translation>Fonctions : {names}.</translation>
  </message>
  <message>
   <source>Gather</source>
   <translation>Rassembler</translation>
  </message>
  <message>
   <source>Gathering needs a key, and what of which variable is wanted.</source>
   <translation>Pour rassembler il faut une clé, et ce qu’on veut de quelle variable.</translation>
  </message>
  <message>
   <source>German</source>
   <translation>allemand</translation>
  </message>
  <message>
   <source>Go on to the Bench: Ctrl+3.</source>
   <translation>Passez à l’établi : Ctrl+3.</translation>
  </message>
  <message>
   <source>Go on to the Codebook, or straight to the Bench.</source>
   <translation>Passez au dictionnaire, ou directement à l’établi.</translation>
  </message>
  <message>
   <source>Go on with</source>
   <translation>Reprendre</translation>
  </message>
  <message>
   <source>Go to Intake</source>
   <translation>Aller à l’entrée</translation>
  </message>
  <message>
   <source>Go to the Bench and write the sentence</source>
   <translation>Aller à l’établi et écrire la phrase</translation>
  </message>
  <message>
   <source>Go to the Bench: Ctrl+3.</source>
   <translation>Allez à l’établi : Ctrl+3.</translation>
  </message>
  <message>
   <source>Go to the Codebook</source>
   <translation>Aller au dictionnaire</translation>
  </message>
  <message>
   <source>Go to the Manuscript</source>
   <translation>Aller au manuscrit</translation>
  </message>
  <message>
   <source>Go to the next number that moved</source>
   <translation>Aller au prochain nombre qui a changé</translation>
  </message>
  <message>
   <source>Goes with</source>
   <translation>Va de pair avec</translation>
  </message>
  <message>
   <source>Groups come after “across”: describe age across site.</source>
   <translation>Les groupes viennent après « across » : describe age across site.</translation>
  </message>
  <message>
   <source>Handbook</source>
   <translation>Manuel</translation>
  </message>
  <message>
   <source>Handbook, at what is under the hand</source>
   <translation>Manuel, à propos de ce qui est sous la main</translation>
  </message>
  <message>
   <source>Height, mm</source>
   <translation>Hauteur, mm</translation>
  </message>
  <message>
   <source>Heights</source>
   <translation>Hauteurs</translation>
  </message>
  <message>
   <source>Hide counts</source>
   <translation>Cacher les effectifs</translation>
  </message>
  <message>
   <source>Highest</source>
   <translation>Les plus hautes</translation>
  </message>
  <message>
   <source>Histogram of {name}</source>
   <translation>Histogramme de {name}</translation>
  </message>
  <message>
   <source>Holm</source>
   <translation>Holm</translation>
  </message>
  <message>
   <source>House style</source>
   <translation>Style maison</translation>
  </message>
  <message>
   <source>How did people answer the twelve items? Write the sentence, or click it.</source>
   <translation>Comment a-t-on répondu aux douze items ? Écrivez la phrase, ou cliquez-la.</translation>
  </message>
  <message>
   <source>How it was read</source>
   <translation>Comment le fichier a été lu</translation>
  </message>
  <message>
   <source>How measures go together</source>
   <translation>Comment les mesures vont ensemble</translation>
  </message>
  <message>
   <source>How this number was computed</source>
   <translation>Comment ce nombre a été calculé</translation>
  </message>
  <message>
   <source>How this source came to be is not known, so it cannot be made again.</source>
   <translation>On ne sait pas comment cette source est née ; elle ne peut donc être refaite.</translation>
  </message>
  <message>
   <source>ICC</source>
   <translation>ICC</translation>
  </message>
  <message>
   <source>IQR</source>
   <translation>EI</translation>
  </message>
  <message>
   <source>Identifier</source>
   <translation>Identifiant</translation>
  </message>
  <message>
   <source>In classes</source>
   <translation>En classes</translation>
  </message>
  <message>
   <source>In numbers</source>
   <translation>En chiffres</translation>
  </message>
  <message>
   <source>In several columns:</source>
   <translation>En plusieurs colonnes :</translation>
  </message>
  <message>
   <source>In {place} {why}.</source>
   <translation>Dans {place} : {why}.</translation>
  </message>
  <message>
   <source>Intake</source>
   <translation>Entrée</translation>
  </message>
  <message>
   <source>Intake found answers that are codes, 9 or 99 or −9: click “treat … as missing” in one of its findings.</source>
   <translation>L’entrée a trouvé des réponses qui sont des codes, 9 ou 99 ou −9 : cliquez sur « traiter … comme manquant » dans un de ses constats.</translation>
  </message>
  <message>
   <source>Interquartile range</source>
   <translation>Écart interquartile</translation>
  </message>
  <message>
   <source>Interval</source>
   <translation>Intervalle</translation>
  </message>
  <message>
   <source>Intervals</source>
   <translation>Intervalles</translation>
  </message>
  <message>
   <source>Into a template of your own…</source>
   <translation>Dans votre propre modèle…</translation>
  </message>
  <message>
   <source>Item</source>
   <translation>Item</translation>
  </message>
  <message>
   <source>Items of one scale: {name} ({items}).</source>
   <translation>Items d’une même échelle : {name} ({items}).</translation>
  </message>
  <message>
   <source>Join by key</source>
   <translation>Joindre par clé</translation>
  </message>
  <message>
   <source>Join, stack or reshape data…</source>
   <translation>Joindre, empiler ou remodeler des données…</translation>
  </message>
  <message>
   <source>Join, stack, reshape…</source>
   <translation>Joindre, empiler, remodeler…</translation>
  </message>
  <message>
   <source>Joining takes two sources: add the other one first.</source>
   <translation>Pour joindre il faut deux sources : ajoutez d’abord l’autre.</translation>
  </message>
  <message>
   <source>Keep</source>
   <translation>Garder</translation>
  </message>
  <message>
   <source>Keep as {label}   Ctrl ↵</source>
   <translation>Garder {label}   Ctrl ↵</translation>
  </message>
  <message>
   <source>Keep it: Ctrl+Enter, or the button at the right.</source>
   <translation>Gardez-le : Ctrl+Entrée, ou le bouton à droite.</translation>
  </message>
  <message>
   <source>Keep the exhibit</source>
   <translation>Garder l’élément</translation>
  </message>
  <message>
   <source>Kendall</source>
   <translation>Kendall</translation>
  </message>
  <message>
   <source>Keys</source>
   <translation>Touches</translation>
  </message>
  <message>
   <source>Kurtosis (G2)</source>
   <translation>Aplatissement (G2)</translation>
  </message>
  <message>
   <source>Label</source>
   <translation>Étiquette</translation>
  </message>
  <message>
   <source>Label and unit</source>
   <translation>Étiquette et unité</translation>
  </message>
  <message>
   <source>Label in bold</source>
   <translation>Numéro en gras</translation>
  </message>
  <message>
   <source>Language</source>
   <translation>Langue</translation>
  </message>
  <message>
   <source>Language of the window: {words}</source>
   <translation>Langue de la fenêtre : {words}</translation>
  </message>
  <message>
   <source>Language: {words}</source>
   <translation>Langue : {words}</translation>
  </message>
  <message>
   <source>Largest</source>
   <translation>La plus grande</translation>
  </message>
  <message>
   <source>Last</source>
   <translation>Dernier</translation>
  </message>
  <message>
   <source>Latin 9</source>
   <translation>Latin 9</translation>
  </message>
  <message>
   <source>Lay a codebook file over the variables…</source>
   <translation>Appliquer un fichier de dictionnaire aux variables…</translation>
  </message>
  <message>
   <source>Lay a codebook over the variables</source>
   <translation>Appliquer un dictionnaire aux variables</translation>
  </message>
  <message>
   <source>Layout</source>
   <translation>Mise en page</translation>
  </message>
  <message>
   <source>Least count</source>
   <translation>Effectif minimal</translation>
  </message>
  <message>
   <source>Leave the walk</source>
   <translation>Quitter la visite</translation>
  </message>
  <message>
   <source>Left as it is</source>
   <translation>Laissé tel quel</translation>
  </message>
  <message numerus="yes">
   <source>Left out: {n:,} [row|rows] under the names, for programs alone.</source>
   <translation>
    <numerusform>Laissé de côté : {n:,} ligne sous les noms, destinée aux seuls programmes.</numerusform>
    <numerusform>Laissé de côté : {n:,} lignes sous les noms, destinées aux seuls programmes.</numerusform>
   </translation>
  </message>
  <message>
   <source>Letter</source>
   <translation>Lettre US</translation>
  </message>
  <message>
   <source>Letters</source>
   <translation>Lettres</translation>
  </message>
  <message>
   <source>Level</source>
   <translation>Niveau</translation>
  </message>
  <message>
   <source>Level of measurement: {level}</source>
   <translation>Niveau de mesure : {level}</translation>
  </message>
  <message>
   <source>Limit the cases in use</source>
   <translation>Restreindre les cas utilisés</translation>
  </message>
  <message>
   <source>Limits between which values are wanted</source>
   <translation>Limites entre lesquelles se trouvent les valeurs voulues</translation>
  </message>
  <message>
   <source>Limits of agreement are drawn of measured variables.</source>
   <translation>Les limites d’accord se dessinent pour des variables mesurées.</translation>
  </message>
  <message>
   <source>Line</source>
   <translation>Ligne</translation>
  </message>
  <message>
   <source>Load a house style</source>
   <translation>Charger un style maison</translation>
  </message>
  <message>
   <source>Load…</source>
   <translation>Charger…</translation>
  </message>
  <message>
   <source>Logarithmic</source>
   <translation>Logarithmique</translation>
  </message>
  <message>
   <source>Long to wide</source>
   <translation>Long vers large</translation>
  </message>
  <message>
   <source>Long to wide needs a key, the variable that tells the rows apart, and the values to spread.</source>
   <translation>« Long vers large » demande une clé, la variable qui distingue les lignes, et les valeurs à étaler.</translation>
  </message>
  <message>
   <source>Look at data</source>
   <translation>Regarder des données</translation>
  </message>
  <message>
   <source>Look at data before opening…</source>
   <translation>Regarder des données avant de les ouvrir…</translation>
  </message>
  <message>
   <source>Look of the desk: {words}</source>
   <translation>Aspect du bureau : {words}</translation>
  </message>
  <message>
   <source>Look, size, language ▾</source>
   <translation>Aspect, taille, langue ▾</translation>
  </message>
  <message>
   <source>Look: {words}</source>
   <translation>Aspect : {words}</translation>
  </message>
  <message>
   <source>Looked at and found sound: {what}.</source>
   <translation>Examinés et en ordre : {what}.</translation>
  </message>
  <message>
   <source>Looking through the file…</source>
   <translation>Examen du fichier…</translation>
  </message>
  <message>
   <source>Lowest</source>
   <translation>Les plus basses</translation>
  </message>
  <message>
   <source>Lowest and highest, with their rows</source>
   <translation>Les plus basses et les plus hautes, avec leurs lignes</translation>
  </message>
  <message>
   <source>Lying</source>
   <translation>Couché</translation>
  </message>
  <message>
   <source>MAD</source>
   <translation>MAD</translation>
  </message>
  <message>
   <source>Made with Istrel {version}.</source>
   <translation>Fait avec Istrel {version}.</translation>
  </message>
  <message>
   <source>Main text</source>
   <translation>Texte principal</translation>
  </message>
  <message>
   <source>Manuscript</source>
   <translation>Manuscrit</translation>
  </message>
  <message>
   <source>Manuscript: {kept} kept  Ctrl+4</source>
   <translation>Manuscrit : {kept} gardés  Ctrl+4</translation>
  </message>
  <message>
   <source>Map of missing values</source>
   <translation>Carte des valeurs manquantes</translation>
  </message>
  <message>
   <source>Margin note: {words}</source>
   <translation>Note en marge : {words}</translation>
  </message>
  <message>
   <source>Margins above and below, mm</source>
   <translation>Marges du haut et du bas, mm</translation>
  </message>
  <message>
   <source>Marked</source>
   <translation>Marqué</translation>
  </message>
  <message>
   <source>Marked as personal: its values are not shown.</source>
   <translation>Marquée comme personnelle : ses valeurs ne sont pas montrées.</translation>
  </message>
  <message>
   <source>Mdn</source>
   <translation>Mdn</translation>
  </message>
  <message>
   <source>Mean</source>
   <translation>Moyenne</translation>
  </message>
  <message>
   <source>Measure</source>
   <translation>Mesure</translation>
  </message>
  <message>
   <source>Measurements over time</source>
   <translation>Mesures au fil du temps</translation>
  </message>
  <message>
   <source>Median</source>
   <translation>Médiane</translation>
  </message>
  <message>
   <source>Methods text</source>
   <translation>Texte de la méthode</translation>
  </message>
  <message>
   <source>Missing</source>
   <translation>Manquant</translation>
  </message>
  <message>
   <source>Missing together</source>
   <translation>Manquant ensemble</translation>
  </message>
  <message>
   <source>Missing values</source>
   <translation>Valeurs manquantes</translation>
  </message>
  <message>
   <source>Most frequent</source>
   <translation>Plus fréquentes</translation>
  </message>
  <message>
   <source>Moving mean of</source>
   <translation>Moyenne mobile de</translation>
  </message>
  <message>
   <source>Name</source>
   <translation>Nom</translation>
  </message>
  <message>
   <source>Name the study</source>
   <translation>Nommer l’étude</translation>
  </message>
  <message>
   <source>Name the study…</source>
   <translation>Nommer l’étude…</translation>
  </message>
  <message>
   <source>Names stand in back quotes, texts in double ones: write `{plain}`.</source>
   <translation>Les noms se mettent entre accents graves, les textes entre guillemets doubles : écrivez `{plain}`.</translation>
  </message>
  <message>
   <source>Names stand in back quotes, texts in double ones: write `{value}`.</source>
   <translation>Les noms se mettent entre accents graves, les textes entre guillemets doubles : écrivez `{value}`.</translation>
  </message>
  <message>
   <source>Names that stand more than once ({names}) got a number behind.</source>
   <translation>Les noms qui figurent plusieurs fois ({names}) ont reçu un numéro.</translation>
  </message>
  <message>
   <source>Names were found in line {line}; what stands above is left out.</source>
   <translation>Les noms se trouvent à la ligne {line} ; ce qui est au-dessus est laissé de côté.</translation>
  </message>
  <message>
   <source>Names were found in row {row} of the sheet “{name}”; what stands above is left out.</source>
   <translation>Les noms se trouvent à la ligne {row} de la feuille « {name} » ; ce qui est au-dessus est laissé de côté.</translation>
  </message>
  <message>
   <source>Nine</source>
   <translation>Neuf</translation>
  </message>
  <message>
   <source>No case in use has a value, so there is nothing to draw.</source>
   <translation>Aucun cas utilisé n’a de valeur, il n’y a donc rien à dessiner.</translation>
  </message>
  <message>
   <source>No case in use has both a time and a value, so there is no line to draw.</source>
   <translation>Aucun cas utilisé n’a à la fois un temps et une valeur, il n’y a donc pas de ligne à dessiner.</translation>
  </message>
  <message>
   <source>No case in use has both “{value}” and “{value_2}”, so there is nothing to draw.</source>
   <translation>Aucun cas utilisé n’a à la fois « {value} » et « {value_2} », il n’y a donc rien à dessiner.</translation>
  </message>
  <message>
   <source>No case meets “{text}” ({total:,} cases read); there is nothing to work on.</source>
   <translation>Aucun cas ne répond à « {text} » ({total:,} cas lus) ; il n’y a rien sur quoi travailler.</translation>
  </message>
  <message>
   <source>No table describes the participants (Table 1): characteristics, with n.</source>
   <translation>Rien ne décrit les participants : caractéristiques, avec n.</translation>
  </message>
  <message>
   <source>No value is missing.</source>
   <translation>Aucune valeur ne manque.</translation>
  </message>
  <message>
   <source>No value of these variables is missing, so there is no map to draw.</source>
   <translation>Aucune valeur de ces variables ne manque, il n’y a donc pas de carte à dessiner.</translation>
  </message>
  <message>
   <source>No value of “{name}” is above 0, so it has no logarithmic axis; leave log out.</source>
   <translation>Aucune valeur de « {name} » ne dépasse 0, il n’y a donc pas d’axe logarithmique ; ôtez log.</translation>
  </message>
  <message>
   <source>No variable is a category.</source>
   <translation>Aucune variable n’est une catégorie.</translation>
  </message>
  <message>
   <source>No variable is measured.</source>
   <translation>Aucune variable n’est mesurée.</translation>
  </message>
  <message>
   <source>Nominal</source>
   <translation>Nominale</translation>
  </message>
  <message>
   <source>Not drawn: {above:,} above.</source>
   <translation>Non dessinées : {above:,} au-dessus.</translation>
  </message>
  <message>
   <source>Not drawn: {below:,} below, {above:,} above.</source>
   <translation>Non dessinées : {below:,} en dessous, {above:,} au-dessus.</translation>
  </message>
  <message>
   <source>Not drawn: {below:,} below.</source>
   <translation>Non dessinées : {below:,} en dessous.</translation>
  </message>
  <message>
   <source>Nothing</source>
   <translation>Rien</translation>
  </message>
  <message>
   <source>Nothing in this matrix has a value, so there is nothing to draw; set it as table.</source>
   <translation>Rien dans cette matrice n’a de valeur, il n’y a donc rien à dessiner ; composez-la en table.</translation>
  </message>
  <message>
   <source>Nothing is called so. Try other letters, or write a whole sentence.</source>
   <translation>Rien ne s’appelle ainsi. Essayez d’autres lettres, ou écrivez une phrase entière.</translation>
  </message>
  <message>
   <source>Nothing is kept yet. At the Bench, Ctrl+Enter keeps the exhibit that is on paper; headings and paragraphs are added below the outline.</source>
   <translation>Rien n’est encore gardé. À l’établi, Ctrl+Entrée garde l’élément qui est sur le papier ; titres et paragraphes s’ajoutent sous le plan.</translation>
  </message>
  <message>
   <source>Nothing moved.</source>
   <translation>Rien n’a changé.</translation>
  </message>
  <message>
   <source>Nothing says how the statistics were computed; “+ methods text” beside an exhibit does.</source>
   <translation>Rien ne dit comment les statistiques ont été calculées ; « + texte de la méthode » à côté d’un élément le dit.</translation>
  </message>
  <message>
   <source>Nothing that a reviewer would raise.</source>
   <translation>Rien qu’un relecteur relèverait.</translation>
  </message>
  <message>
   <source>Nothing to look at</source>
   <translation>Rien à regarder</translation>
  </message>
  <message>
   <source>Number</source>
   <translation>Nombre</translation>
  </message>
  <message>
   <source>Number of classes</source>
   <translation>Nombre de classes</translation>
  </message>
  <message>
   <source>Numbered by chapter</source>
   <translation>Numéroté par chapitre</translation>
  </message>
  <message>
   <source>Numbers</source>
   <translation>Nombres</translation>
  </message>
  <message>
   <source>Numbers are not opened where small counts are hidden: their working would tell them.</source>
   <translation>Les nombres ne s’ouvrent pas là où de petits effectifs sont cachés : leur calcul les dirait.</translation>
  </message>
  <message>
   <source>Numbers of the figure on the paper</source>
   <translation>Nombres de la figure sur le papier</translation>
  </message>
  <message>
   <source>Of different kinds, so read as text: {names}.</source>
   <translation>De natures différentes, donc lues comme texte : {names}.</translation>
  </message>
  <message>
   <source>Of the categories of “{name}” only n and % are shown; {instead}.</source>
   <translation>Des catégories de « {name} » on ne montre que n et % ; {instead}.</translation>
  </message>
  <message>
   <source>Of “{text}” each case can have several answers, so it makes no groups; count it instead.</source>
   <translation>De « {text} » chaque cas peut avoir plusieurs réponses, elle ne forme donc pas de groupes ; comptez-la.</translation>
  </message>
  <message>
   <source>On the sheet “{name}” there are also tables in {places}.</source>
   <translation>La feuille « {name} » contient aussi des tableaux en {places}.</translation>
  </message>
  <message>
   <source>One</source>
   <translation>Une</translation>
  </message>
  <message>
   <source>One axis is shared by 2 to {most} variables.</source>
   <translation>De 2 à {most} variables partagent un axe.</translation>
  </message>
  <message>
   <source>One measure on several occasions: {name} ({columns}).</source>
   <translation>Une mesure à plusieurs occasions : {name} ({columns}).</translation>
  </message>
  <message>
   <source>One question with several answers: {name} ({answers}).</source>
   <translation>Une question à plusieurs réponses : {name} ({answers}).</translation>
  </message>
  <message>
   <source>One value under {n} spellings</source>
   <translation>Une valeur sous {n} orthographes</translation>
  </message>
  <message>
   <source>Only the sheet “{name}” was read; there are also {others}.</source>
   <translation>Seule la feuille « {name} » a été lue ; il y a aussi {others}.</translation>
  </message>
  <message>
   <source>Only the table “{name}” was read; there are also {others}.</source>
   <translation>Seule la table « {name} » a été lue ; il y a aussi {others}.</translation>
  </message>
  <message>
   <source>Only “{name}” was read; in the archive there are also {others}.</source>
   <translation>Seul « {name} » a été lu ; l’archive contient aussi {others}.</translation>
  </message>
  <message>
   <source>Open data or a study</source>
   <translation>Ouvrir des données ou une étude</translation>
  </message>
  <message>
   <source>Open data or a study…</source>
   <translation>Ouvrir des données ou une étude…</translation>
  </message>
  <message>
   <source>Open…</source>
   <translation>Ouvrir…</translation>
  </message>
  <message>
   <source>Order</source>
   <translation>Ordre</translation>
  </message>
  <message>
   <source>Ordinal</source>
   <translation>Ordinale</translation>
  </message>
  <message>
   <source>Outliers by</source>
   <translation>Valeurs aberrantes selon</translation>
  </message>
  <message>
   <source>Outline</source>
   <translation>Contour</translation>
  </message>
  <message>
   <source>Outline of the manuscript</source>
   <translation>Plan du manuscrit</translation>
  </message>
  <message>
   <source>Page and fonts</source>
   <translation>Page et polices</translation>
  </message>
  <message>
   <source>Pages as PDF need the Pango library of the system (libpango); choose .docx or .html.</source>
   <translation>Les pages PDF demandent la bibliothèque Pango du système (libpango) ; choisissez .docx ou .html.</translation>
  </message>
  <message>
   <source>Pairs</source>
   <translation>Paires</translation>
  </message>
  <message>
   <source>Paper</source>
   <translation>Papier</translation>
  </message>
  <message>
   <source>Paragraph</source>
   <translation>Paragraphe</translation>
  </message>
  <message>
   <source>Partial coefficients are not defined under weights; leave “given” out, or add “with unweighted”.</source>
   <translation>Les coefficients partiels ne sont pas définis avec pondération ; ôtez « given », ou ajoutez « with unweighted ».</translation>
  </message>
  <message>
   <source>Paste cells as data</source>
   <translation>Coller des cellules comme données</translation>
  </message>
  <message>
   <source>Paths follow persons over occasions: say whose rows these are at the head of the Codebook (or with --person), and name the occasions after “across”.</source>
   <translation>Les trajectoires suivent des personnes au fil des occasions : dites en tête du dictionnaire (ou avec --person) à qui sont ces lignes, et nommez les occasions après « across ».</translation>
  </message>
  <message>
   <source>Pearson</source>
   <translation>Pearson</translation>
  </message>
  <message>
   <source>Pearson’s r over the cases that both have; the darker, the stronger.</source>
   <translation>r de Pearson sur les cas qui ont les deux ; plus c’est foncé, plus c’est fort.</translation>
  </message>
  <message>
   <source>Per</source>
   <translation>Par</translation>
  </message>
  <message>
   <source>Percentages</source>
   <translation>Pourcentages</translation>
  </message>
  <message>
   <source>Percentages of the valid answers.</source>
   <translation>Pourcentages des réponses valides.</translation>
  </message>
  <message>
   <source>Percentiles</source>
   <translation>Centiles</translation>
  </message>
  <message>
   <source>Persons</source>
   <translation>Personnes</translation>
  </message>
  <message>
   <source>Point at a number of a proof first; Ctrl+Shift+N then cites it.</source>
   <translation>Pointez d’abord un nombre d’une épreuve ; Ctrl+Shift+N le cite alors.</translation>
  </message>
  <message>
   <source>Print the manuscript…</source>
   <translation>Imprimer le manuscrit…</translation>
  </message>
  <message>
   <source>Print…</source>
   <translation>Imprimer…</translation>
  </message>
  <message>
   <source>Proof</source>
   <translation>Épreuve</translation>
  </message>
  <message>
   <source>Pulled most by</source>
   <translation>Le plus tiré par</translation>
  </message>
  <message>
   <source>Put data together</source>
   <translation>Réunir des données</translation>
  </message>
  <message>
   <source>Quantiles</source>
   <translation>Quantiles</translation>
  </message>
  <message>
   <source>Read changed files again</source>
   <translation>Relire les fichiers modifiés</translation>
  </message>
  <message>
   <source>Read the file differently</source>
   <translation>Lire le fichier autrement</translation>
  </message>
  <message>
   <source>Read the manuscript as a reviewer would</source>
   <translation>Lire le manuscrit comme un relecteur</translation>
  </message>
  <message>
   <source>Reading</source>
   <translation>Relecture</translation>
  </message>
  <message>
   <source>Reading was cancelled; nothing was changed.</source>
   <translation>La lecture a été annulée ; rien n’a été modifié.</translation>
  </message>
  <message>
   <source>Reading {name} …</source>
   <translation>Lecture de {name}…</translation>
  </message>
  <message>
   <source>Reading …</source>
   <translation>Lecture…</translation>
  </message>
  <message>
   <source>Reason for corrections</source>
   <translation>Motif des corrections</translation>
  </message>
  <message>
   <source>Redo</source>
   <translation>Rétablir</translation>
  </message>
  <message>
   <source>Reduce the proof</source>
   <translation>Réduire l’épreuve</translation>
  </message>
  <message>
   <source>Refer to</source>
   <translation>Renvoyer à</translation>
  </message>
  <message>
   <source>Refresh a document</source>
   <translation>Actualiser un document</translation>
  </message>
  <message>
   <source>Refresh a document that was edited since…</source>
   <translation>Actualiser un document modifié depuis…</translation>
  </message>
  <message>
   <source>Refresh one with tracked changes…</source>
   <translation>Actualiser avec suivi des modifications…</translation>
  </message>
  <message>
   <source>Refreshed</source>
   <translation>Actualisé</translation>
  </message>
  <message>
   <source>Relate needs two variables or more; name another, or rank against one with “against”.</source>
   <translation>Relate demande deux variables ou plus ; nommez-en une autre, ou mesurez à une seule par « against ».</translation>
  </message>
  <message>
   <source>Reproducibility</source>
   <translation>Reproductibilité</translation>
  </message>
  <message>
   <source>Results text</source>
   <translation>Texte des résultats</translation>
  </message>
  <message>
   <source>Reviewer’s reading</source>
   <translation>Lecture du relecteur</translation>
  </message>
  <message>
   <source>Row</source>
   <translation>Ligne</translation>
  </message>
  <message>
   <source>Row {row:,} is no case:</source>
   <translation>La ligne {row:,} n’est pas un cas :</translation>
  </message>
  <message>
   <source>Rows are told apart by {names}.</source>
   <translation>Les lignes se distinguent par {names}.</translation>
  </message>
  <message>
   <source>Rows are weighted by {name}.</source>
   <translation>Les lignes sont pondérées par {name}.</translation>
  </message>
  <message>
   <source>Rules, pt</source>
   <translation>Filets, pt</translation>
  </message>
  <message>
   <source>SD</source>
   <translation>ET</translation>
  </message>
  <message>
   <source>SE</source>
   <translation>ES</translation>
  </message>
  <message>
   <source>SE for SD</source>
   <translation>ES au lieu d’ET</translation>
  </message>
  <message>
   <source>Save as…</source>
   <translation>Enregistrer sous…</translation>
  </message>
  <message>
   <source>Save the house style</source>
   <translation>Enregistrer le style maison</translation>
  </message>
  <message>
   <source>Say what you want in one sentence,</source>
   <translation>Dites en une phrase ce que vous voulez,</translation>
  </message>
  <message>
   <source>Scale</source>
   <translation>Échelle</translation>
  </message>
  <message>
   <source>Scott</source>
   <translation>Scott</translation>
  </message>
  <message>
   <source>See it on its page: Manuscript in the rail, or Ctrl+4.</source>
   <translation>Voyez-le sur sa page : Manuscrit à gauche, ou Ctrl+4.</translation>
  </message>
  <message>
   <source>Sentence</source>
   <translation>Phrase</translation>
  </message>
  <message>
   <source>Set aside, for they do not have the {fields} fields of the names: {lines}.</source>
   <translation>Mises de côté, car elles n’ont pas les {fields} champs de la ligne des noms : {lines}.</translation>
  </message>
  <message>
   <source>Setting</source>
   <translation>Composé</translation>
  </message>
  <message>
   <source>Setting the proof …</source>
   <translation>Composition de l’épreuve…</translation>
  </message>
  <message>
   <source>Settings are {names}.</source>
   <translation>Les réglages sont {names}.</translation>
  </message>
  <message>
   <source>Seven</source>
   <translation>Sept</translation>
  </message>
  <message>
   <source>Shape</source>
   <translation>Structure</translation>
  </message>
  <message>
   <source>Shares that are expected are for count; “{verb}” does not take them.</source>
   <translation>Les parts attendues sont pour count ; « {verb} » n’en prend pas.</translation>
  </message>
  <message>
   <source>Sheather–Jones</source>
   <translation>Sheather–Jones</translation>
  </message>
  <message>
   <source>Ships with Istrel; the first change makes a copy that belongs to the study.</source>
   <translation>Fourni avec Istrel ; le premier changement en fait une copie qui appartient à l’étude.</translation>
  </message>
  <message>
   <source>Show the cases</source>
   <translation>Montrer les cas</translation>
  </message>
  <message>
   <source>Silverman</source>
   <translation>Silverman</translation>
  </message>
  <message>
   <source>Single cases</source>
   <translation>Cas isolés</translation>
  </message>
  <message>
   <source>Single cases cannot be shown where small counts are hidden; leave points out.</source>
   <translation>On ne peut montrer de cas isolés là où de petits effectifs sont cachés ; ôtez points.</translation>
  </message>
  <message>
   <source>Six</source>
   <translation>Six</translation>
  </message>
  <message>
   <source>Size of everything: {size} %</source>
   <translation>Taille de l’ensemble : {size} %</translation>
  </message>
  <message>
   <source>Size: {size} %</source>
   <translation>Taille : {size} %</translation>
  </message>
  <message>
   <source>Sizes</source>
   <translation>Tailles</translation>
  </message>
  <message>
   <source>Skewness (G1)</source>
   <translation>Asymétrie (G1)</translation>
  </message>
  <message>
   <source>Small counts are not hidden in the table of a scale; leave hide_below out.</source>
   <translation>Les petits effectifs d’une échelle ne sont pas cachés ; ôtez hide_below.</translation>
  </message>
  <message>
   <source>Small counts are not hidden where persons are counted; leave one of both out.</source>
   <translation>Les petits effectifs ne sont pas cachés là où l’on compte des personnes ; ôtez l’un des deux.</translation>
  </message>
  <message>
   <source>Small counts are not hidden where “{name}” stands in several columns; describe these one by one.</source>
   <translation>Les petits effectifs ne sont pas cachés là où « {name} » occupe plusieurs colonnes ; décrivez-les une à une.</translation>
  </message>
  <message>
   <source>Small counts cannot be hidden where several variables share an axis.</source>
   <translation>Les petits effectifs ne peuvent être cachés là où plusieurs variables partagent un axe.</translation>
  </message>
  <message>
   <source>Smallest</source>
   <translation>La plus petite</translation>
  </message>
  <message>
   <source>Smoothness</source>
   <translation>Lissage</translation>
  </message>
  <message>
   <source>Something is missing at the end of the sentence.</source>
   <translation>Il manque quelque chose à la fin de la phrase.</translation>
  </message>
  <message>
   <source>Sorted</source>
   <translation>Trié</translation>
  </message>
  <message>
   <source>Spanish</source>
   <translation>espagnol</translation>
  </message>
  <message>
   <source>Spearman</source>
   <translation>Spearman</translation>
  </message>
  <message>
   <source>Stack</source>
   <translation>Empiler</translation>
  </message>
  <message>
   <source>Stacking takes two sources or more.</source>
   <translation>Pour empiler il faut deux sources ou plus.</translation>
  </message>
  <message>
   <source>Standard deviation</source>
   <translation>Écart-type</translation>
  </message>
  <message>
   <source>Statistics are {names}.</source>
   <translation>Les statistiques sont {names}.</translation>
  </message>
  <message>
   <source>Statistics, in this order</source>
   <translation>Statistiques, dans cet ordre</translation>
  </message>
  <message>
   <source>Strata and clusters belong to a weighted sample; say which variable weighs the rows, too.</source>
   <translation>Strates et grappes vont avec un échantillon pondéré ; dites aussi quelle variable pondère les lignes.</translation>
  </message>
  <message>
   <source>Strata: {name}.</source>
   <translation>Strates : {name}.</translation>
  </message>
  <message>
   <source>Stray spaces</source>
   <translation>Espaces superflues</translation>
  </message>
  <message>
   <source>Studies</source>
   <translation>Études</translation>
  </message>
  <message>
   <source>Sturges</source>
   <translation>Sturges</translation>
  </message>
  <message>
   <source>Supplement</source>
   <translation>Supplément</translation>
  </message>
  <message>
   <source>Table 1 of a trial</source>
   <translation>Les groupes d’un essai au départ</translation>
  </message>
  <message>
   <source>Table on the paper</source>
   <translation>Les cellules sur le papier</translation>
  </message>
  <message>
   <source>Tables</source>
   <translation>Tableaux</translation>
  </message>
  <message>
   <source>Tables, pt</source>
   <translation>Tableaux, pt</translation>
  </message>
  <message>
   <source>Take these numbers again</source>
   <translation>Reprendre ces nombres</translation>
  </message>
  <message>
   <source>Tells who a person is: it stays out of data that are given away.</source>
   <translation>Dit qui est une personne : reste hors des données qui sont données.</translation>
  </message>
  <message>
   <source>Ten</source>
   <translation>Dix</translation>
  </message>
  <message>
   <source>Tests</source>
   <translation>Tests</translation>
  </message>
  <message>
   <source>Tests of differences</source>
   <translation>Tests des différences</translation>
  </message>
  <message>
   <source>Text</source>
   <translation>Texte</translation>
  </message>
  <message>
   <source>Text among dates</source>
   <translation>Texte parmi les dates</translation>
  </message>
  <message>
   <source>Text among numbers</source>
   <translation>Texte parmi les nombres</translation>
  </message>
  <message>
   <source>Text, pt</source>
   <translation>Texte, pt</translation>
  </message>
  <message>
   <source>That was it. Everything that you did is a step that Ctrl+Z takes back; F1 opens the handbook.</source>
   <translation>C’est tout. Tout ce que vous avez fait se reprend avec Ctrl+Z ; F1 ouvre le manuel.</translation>
  </message>
  <message>
   <source>The answers cannot stand in columns: {why}.</source>
   <translation>Les réponses ne peuvent être en colonnes : {why}.</translation>
  </message>
  <message>
   <source>The axis {sides} has no numbers; the one that has takes {other}.</source>
   <translation>L’axe {sides} n’a pas de nombres ; celui qui en a prend {other}.</translation>
  </message>
  <message>
   <source>The codebook stands in {path}.</source>
   <translation>Le dictionnaire se trouve dans {path}.</translation>
  </message>
  <message>
   <source>The data have a variable “{occasion}” already; rename it, so that “{name}” can have occasions.</source>
   <translation>Les données ont déjà une variable « {occasion} » ; renommez-la, pour que « {name} » puisse avoir des occasions.</translation>
  </message>
  <message>
   <source>The first row is data: the variables are named by their place.</source>
   <translation>La première ligne contient des données : les variables sont nommées d’après leur place.</translation>
  </message>
  <message>
   <source>The first {n:,}; {more:,} more are in the list.</source>
   <translation>Les {n:,} premières ; {more:,} autres sont dans la liste.</translation>
  </message>
  <message>
   <source>The first {n} measures.</source>
   <translation>Les {n} premières mesures.</translation>
  </message>
  <message>
   <source>The flow of cases takes groups after “across”.</source>
   <translation>Le flux des cas prend des groupes après « across ».</translation>
  </message>
  <message>
   <source>The names stand over two rows, which were joined.</source>
   <translation>Les noms occupent deux lignes, qui ont été réunies.</translation>
  </message>
  <message>
   <source>The note of {label} {says}.</source>
   <translation>La note de {label} {says}.</translation>
  </message>
  <message>
   <source>The number of classes is from 1 to {most_classes:,}; {number} is not.</source>
   <translation>Le nombre de classes va de 1 à {most_classes:,} ; {number} non.</translation>
  </message>
  <message>
   <source>The only source of a study cannot be taken out.</source>
   <translation>La seule source d’une étude ne peut être retirée.</translation>
  </message>
  <message>
   <source>The proof as large as fits</source>
   <translation>L’épreuve aussi grande que possible</translation>
  </message>
  <message>
   <source>The record of the study cannot be understood.</source>
   <translation>L’enregistrement de l’étude est incompréhensible.</translation>
  </message>
  <message>
   <source>The record of “{kind}” cannot be understood.</source>
   <translation>L’enregistrement de « {kind} » est incompréhensible.</translation>
  </message>
  <message>
   <source>The records under “{key}” were read.</source>
   <translation>Les enregistrements sous « {key} » ont été lus.</translation>
  </message>
  <message>
   <source>The report stands in {path}.</source>
   <translation>Le rapport se trouve dans {path}.</translation>
  </message>
  <message>
   <source>The row of names is a whole number counted from 1; 0 where the file has no names.</source>
   <translation>La ligne des noms est un nombre entier compté à partir de 1 ; 0 si le fichier n’a pas de noms.</translation>
  </message>
  <message>
   <source>The row under the names says more of them ({words}): it became labels and units.</source>
   <translation>La ligne sous les noms en dit plus ({words}) : elle a donné les libellés et les unités.</translation>
  </message>
  <message>
   <source>The rows have no weights here; leave unweighted out.</source>
   <translation>Les lignes n’ont pas de poids ici ; ôtez unweighted.</translation>
  </message>
  <message>
   <source>The rows look counted already:</source>
   <translation>Les lignes semblent déjà comptées :</translation>
  </message>
  <message>
   <source>The rows may be weighted:</source>
   <translation>Les lignes sont peut-être pondérées :</translation>
  </message>
  <message>
   <source>The software is not named (SAMPL): for example “made with Istrel”.</source>
   <translation>Le logiciel n’est pas nommé (SAMPL) : par exemple « réalisé avec Istrel ».</translation>
  </message>
  <message>
   <source>The source of this is not in the study any more.</source>
   <translation>La source de ceci n’est plus dans l’étude.</translation>
  </message>
  <message>
   <source>The values after “in” stand in braces: {example}.</source>
   <translation>Les valeurs après « in » se mettent entre accolades : {example}.</translation>
  </message>
  <message>
   <source>The values of “{name}” cannot be drawn as {form}: they are too large, too small or too few.</source>
   <translation>Les valeurs de « {name} » ne peuvent se dessiner en {form} : elles sont trop grandes, trop petites ou trop peu nombreuses.</translation>
  </message>
  <message>
   <source>The values of “{name}” have no order in which they could be added up; leave cumulative out.</source>
   <translation>Les valeurs de « {name} » n’ont pas d’ordre dans lequel les cumuler ; ôtez cumulative.</translation>
  </message>
  <message>
   <source>The {what} differs: {number} in {label}, {number_2} in {label_2}; say why.</source>
   <translation>{what} diffère : {number} dans {label}, {number_2} dans {label_2} ; dites pourquoi.</translation>
  </message>
  <message>
   <source>There are no words in “{language}” yet; name them in the style file, with language = "en".</source>
   <translation>Il n’y a pas encore de mots en « {language} » ; nommez-les dans le fichier de style, avec language = "en".</translation>
  </message>
  <message>
   <source>There is already a variable “{name}”; a derived one needs a name of its own.</source>
   <translation>Il y a déjà une variable « {name} » ; une variable dérivée a besoin d’un nom à elle.</translation>
  </message>
  <message>
   <source>There is no function “{function}”.{hint}</source>
   <translation>Il n’y a pas de fonction « {function} ».{hint}</translation>
  </message>
  <message>
   <source>There is no house style “{name}”.{hint} Shipped: {names}; or name a .toml file.</source>
   <translation>Il n’y a pas de style maison « {name} ».{hint} Fournis : {names} ; ou nommez un fichier .toml.</translation>
  </message>
  <message>
   <source>There is no number in row “{row}” and column “{column}” of this figure.{offered}</source>
   <translation>Il n’y a pas de nombre à la ligne « {row} » et la colonne « {column} » de cette figure.{offered}</translation>
  </message>
  <message>
   <source>There is no number in row “{row}” and column “{column}”.{offered}</source>
   <translation>Il n’y a pas de nombre à la ligne « {row} », colonne « {column} ».{offered}</translation>
  </message>
  <message>
   <source>There is no sentence yet. {begins}</source>
   <translation>Il n’y a pas encore de phrase. {begins}</translation>
  </message>
  <message>
   <source>There is no setting “{word}”.{hint}</source>
   <translation>Il n’y a pas de réglage « {word} ».{hint}</translation>
  </message>
  <message>
   <source>There is no variable “{name}”.{hint}</source>
   <translation>Il n’y a pas de variable « {name} ».{hint}</translation>
  </message>
  <message>
   <source>These values are too large or too close together for class intervals.</source>
   <translation>Ces valeurs sont trop grandes ou trop proches pour des classes.</translation>
  </message>
  <message>
   <source>These variables are not measured in one unit; the Codebook says what each is measured in.</source>
   <translation>Ces variables ne sont pas mesurées dans une même unité ; le dictionnaire dit en quoi chacune est mesurée.</translation>
  </message>
  <message>
   <source>These variables are {one} and {other}; only what is of one level agrees.</source>
   <translation>Ces variables sont {one} et {other} ; seul ce qui est d’un même niveau concorde.</translation>
  </message>
  <message>
   <source>These variables have no value in common, so there is nothing to agree on.</source>
   <translation>Ces variables n’ont aucune valeur commune, il n’y a donc rien sur quoi s’accorder.</translation>
  </message>
  <message>
   <source>This draws {groups:,} groups; a figure as {form} holds {most}. </source>
   <translation>Cela dessine {groups:,} groupes ; une figure en {form} en contient {most}. </translation>
  </message>
  <message>
   <source>This exhibit is not in the manuscript any more.</source>
   <translation>Cet élément n’est plus dans le manuscrit.</translation>
  </message>
  <message>
   <source>This is nested more than {deepest} deep; make parts of it variables of their own.</source>
   <translation>C’est imbriqué plus de {deepest} fois ; faites-en des variables à part.</translation>
  </message>
  <message>
   <source>This is not in the manuscript any more.</source>
   <translation>Ceci n’est plus dans le manuscrit.</translation>
  </message>
  <message>
   <source>This makes a heat map of {n} variables; one holds {most_variables}. Name fewer.</source>
   <translation>Cela fait une carte de chaleur de {n} variables ; elle en contient {most_variables}. Nommez-en moins.</translation>
  </message>
  <message>
   <source>This makes a map of {n} variables; one holds {most_variables}. Name fewer.</source>
   <translation>Cela fait une carte de {n} variables ; elle en contient {most_variables}. Nommez-en moins.</translation>
  </message>
  <message>
   <source>This makes a table of {count:,} {what}; one holds {most:,}.</source>
   <translation>Cela fait un tableau de {count:,} {what} ; il en contient {most:,}.</translation>
  </message>
  <message>
   <source>This makes {bars:,} bars; a figure holds {most_bars}. Name the most frequent (top = 10), or count classes.</source>
   <translation>Cela fait {bars:,} barres ; une figure en contient {most_bars}. Nommez les plus fréquentes (top = 10), ou comptez des classes.</translation>
  </message>
  <message>
   <source>This makes {n:,} groups; a table holds {most_groups:,}. Cross fewer variables, or limit the cases.</source>
   <translation>Cela fait {n:,} groupes ; un tableau en contient {most_groups:,}. Croisez moins de variables, ou restreignez les cas.</translation>
  </message>
  <message>
   <source>This makes {n} panels; a figure holds {most_panels}. Name fewer variables or groups.</source>
   <translation>Cela fait {n} panneaux ; une figure en contient {most_panels}. Nommez moins de variables ou de groupes.</translation>
  </message>
  <message>
   <source>This makes {size:,} tiles; a heat map holds {most_tiles:,}. Name fewer values.</source>
   <translation>Cela fait {size:,} carreaux ; une carte de chaleur en contient {most_tiles:,}. Nommez moins de valeurs.</translation>
  </message>
  <message>
   <source>This number has no working that could be followed by hand: it is hidden, weighted, or more than sums and order.</source>
   <translation>Ce nombre n’a pas de calcul à suivre à la main : il est caché, pondéré, ou plus que des sommes et un ordre.</translation>
  </message>
  <message>
   <source>This relates {n:,} variables; a matrix holds {most_variables}. Name fewer.</source>
   <translation>Cela met en relation {n:,} variables ; une matrice en contient {most_variables}. Nommez-en moins.</translation>
  </message>
  <message>
   <source>Thousands</source>
   <translation>Milliers</translation>
  </message>
  <message>
   <source>Three</source>
   <translation>Trois</translation>
  </message>
  <message>
   <source>Title in italics</source>
   <translation>Titre en italique</translation>
  </message>
  <message>
   <source>Title in title case</source>
   <translation>Titre avec majuscules</translation>
  </message>
  <message>
   <source>To be mended: {words}</source>
   <translation>À corriger : {words}</translation>
  </message>
  <message>
   <source>Total</source>
   <translation>Total</translation>
  </message>
  <message>
   <source>Trimmed at each end</source>
   <translation>Tronqué à chaque bout</translation>
  </message>
  <message>
   <source>Tukey’s fences, or a robust z beyond 3.5</source>
   <translation>barrières de Tukey, ou un z robuste au-delà de 3,5</translation>
  </message>
  <message>
   <source>Twelve</source>
   <translation>Douze</translation>
  </message>
  <message>
   <source>Two</source>
   <translation>Deux</translation>
  </message>
  <message>
   <source>Two precisions of the {what}: {number} in {label}, {number_2} in {label_2}.</source>
   <translation>Deux précisions ({what}) : {number} dans {label}, {number_2} dans {label_2}.</translation>
  </message>
  <message>
   <source>Two values of the {what}: {number} in {label} but {number_2} in {label_2}; say why.</source>
   <translation>Deux valeurs ({what}) : {number} dans {label}, mais {number_2} dans {label_2} ; dites pourquoi.</translation>
  </message>
  <message>
   <source>Undo</source>
   <translation>Annuler</translation>
  </message>
  <message>
   <source>Used in</source>
   <translation>Utilisé dans</translation>
  </message>
  <message>
   <source>Valid</source>
   <translation>Valides</translation>
  </message>
  <message>
   <source>Value</source>
   <translation>Valeur</translation>
  </message>
  <message>
   <source>Values</source>
   <translation>Valeurs</translation>
  </message>
  <message>
   <source>Values run from {values:g} to {values_2:g}, beyond the bounds {low:g} and {high:g}.</source>
   <translation>Les valeurs vont de {values:g} à {values_2:g}, au-delà des bornes {low:g} et {high:g}.</translation>
  </message>
  <message>
   <source>Values that are wanted</source>
   <translation>Valeurs voulues</translation>
  </message>
  <message>
   <source>Values with labels</source>
   <translation>Valeurs et étiquettes</translation>
  </message>
  <message>
   <source>Variable</source>
   <translation>Variable</translation>
  </message>
  <message>
   <source>Variable by variable</source>
   <translation>Variable par variable</translation>
  </message>
  <message>
   <source>Variables</source>
   <translation>Variables</translation>
  </message>
  <message>
   <source>Variables against several others are set as table; “{shape}” shows all with each other.</source>
   <translation>Des variables face à plusieurs autres se composent en table ; « {shape} » les montre toutes entre elles.</translation>
  </message>
  <message>
   <source>Variables for the condition</source>
   <translation>Variables pour la condition</translation>
  </message>
  <message>
   <source>Variables of the file</source>
   <translation>Variables du fichier</translation>
  </message>
  <message>
   <source>Variables stand one by one here; combinations (×) are counted with “count”.</source>
   <translation>Ici les variables se tiennent une à une ; les combinaisons (×) se comptent avec « count ».</translation>
  </message>
  <message>
   <source>Walk over the table on the paper</source>
   <translation>Parcourir au clavier le tableau sur le papier</translation>
  </message>
  <message>
   <source>Walk: {title}</source>
   <translation>Visite : {title}</translation>
  </message>
  <message>
   <source>What a reviewer might raise</source>
   <translation>Ce qu’un relecteur pourrait relever</translation>
  </message>
  <message>
   <source>What is compared with a norm stands in rows; leave layout out.</source>
   <translation>Ce qui est comparé à une norme est en lignes ; ôtez layout.</translation>
  </message>
  <message>
   <source>What is drawn reaches from {min:.4g} to {max:.4g}, beyond {name} {low:g} and {high:g}; </source>
   <translation>Ce qui est dessiné va de {min:.4g} à {max:.4g}, au-delà de {name} {low:g} et {high:g} ; </translation>
  </message>
  <message>
   <source>What is said of its columns was left out: {problem}</source>
   <translation>Ce qui est dit des colonnes a été laissé de côté : {problem}</translation>
  </message>
  <message>
   <source>What may stand here</source>
   <translation>Ce qui peut se trouver ici</translation>
  </message>
  <message>
   <source>What stands in the columns comes after “against”: count site against format.</source>
   <translation>Ce qui est en colonnes vient après « against » : count site against format.</translation>
  </message>
  <message>
   <source>What to look at</source>
   <translation>Ce qu’il faut regarder</translation>
  </message>
  <message>
   <source>What was found</source>
   <translation>Ce qui a été trouvé</translation>
  </message>
  <message>
   <source>What would you like to know?</source>
   <translation>Que voulez-vous savoir ?</translation>
  </message>
  <message>
   <source>Whiskers</source>
   <translation>Moustaches</translation>
  </message>
  <message>
   <source>Who was in which group?</source>
   <translation>Qui était dans quel groupe ?</translation>
  </message>
  <message>
   <source>Wide to long</source>
   <translation>Large vers long</translation>
  </message>
  <message>
   <source>Wide to long gathers two variables or more.</source>
   <translation>« Large vers long » rassemble deux variables ou plus.</translation>
  </message>
  <message>
   <source>Width</source>
   <translation>Largeur</translation>
  </message>
  <message>
   <source>Width, mm</source>
   <translation>Largeur, mm</translation>
  </message>
  <message>
   <source>Windows western</source>
   <translation>Windows occidental</translation>
  </message>
  <message>
   <source>With counts below {below} hidden nothing of this plane is left to draw; set it as table.</source>
   <translation>Avec les effectifs sous {below} cachés, il ne reste rien à dessiner de ce plan ; composez-le en table.</translation>
  </message>
  <message>
   <source>With counts below {below} hidden, nothing of “{name}” is left to draw: its figure would tell groups of fewer cases, or fewer missing values. Set it as table.</source>
   <translation>Avec les effectifs sous {below} cachés, il ne reste rien à dessiner de « {name} » : sa figure trahirait des groupes de moins de cas, ou moins de valeurs manquantes. Composez-le en table.</translation>
  </message>
  <message>
   <source>With row {row:,} another table begins:</source>
   <translation>À la ligne {row:,} commence un autre tableau :</translation>
  </message>
  <message>
   <source>With several answers:</source>
   <translation>À plusieurs réponses :</translation>
  </message>
  <message>
   <source>With small counts hidden only counts can be drawn; leave the percentages or residuals out.</source>
   <translation>Avec les petits effectifs cachés, seuls des effectifs peuvent se dessiner ; ôtez les pourcentages ou résidus.</translation>
  </message>
  <message>
   <source>With small counts hidden the shares cannot be drawn; set it as table.</source>
   <translation>Avec les petits effectifs cachés, les parts ne peuvent se dessiner ; composez-les en table.</translation>
  </message>
  <message>
   <source>Within persons</source>
   <translation>Au sein des personnes</translation>
  </message>
  <message>
   <source>Within persons Pearson’s r is defined; leave the method out.</source>
   <translation>Au sein des personnes c’est le r de Pearson qui est défini ; ôtez method.</translation>
  </message>
  <message>
   <source>Without weights</source>
   <translation>Sans pondération</translation>
  </message>
  <message>
   <source>Word before notes</source>
   <translation>Mot avant les notes</translation>
  </message>
  <message>
   <source>Words that no longer hold, as the exhibits say them now</source>
   <translation>Les mots qui ne sont plus vrais, tels que les éléments les disent maintenant</translation>
  </message>
  <message>
   <source>Write a name and what it is made from, for example age_z = z(age).</source>
   <translation>Écrivez un nom et de quoi il est fait, par exemple age_z = z(age).</translation>
  </message>
  <message>
   <source>Write a number as it shall print, and its unit: {example}. “{text}” is none.</source>
   <translation>Écrivez un nombre tel qu’il doit être imprimé, et son unité : {example}. « {text} » n’en est pas un.</translation>
  </message>
  <message>
   <source>Write a package for an archive: data, codebook, exhibits…</source>
   <translation>Écrire une archive à déposer : données, dictionnaire, éléments…</translation>
  </message>
  <message>
   <source>Write names with commas, or a stretch of them: `{first}` .. `{last}`.</source>
   <translation>Écrivez les noms avec des virgules, ou une suite d’entre eux : `{first}` .. `{last}`.</translation>
  </message>
  <message>
   <source>Write the codebook</source>
   <translation>Écrire le dictionnaire</translation>
  </message>
  <message>
   <source>Write the intake as a report</source>
   <translation>Écrire l’entrée comme rapport</translation>
  </message>
  <message>
   <source>Write the intake as a report…</source>
   <translation>Écrire l’entrée comme rapport…</translation>
  </message>
  <message>
   <source>Writes itself from what was done</source>
   <translation>S’écrit de lui-même d’après ce qui a été fait</translation>
  </message>
  <message>
   <source>Zero before r and p</source>
   <translation>Zéro devant r et p</translation>
  </message>
  <message>
   <source>Zeros</source>
   <translation>Zéros</translation>
  </message>
  <message numerus="yes">
   <source>[an earlier one|an earlier row] in every column.</source>
   <translation>
    <numerusform>une précédente dans chaque colonne.</numerusform>
    <numerusform>une ligne précédente dans chaque colonne.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[case|cases]</source>
   <translation>
    <numerusform>cas</numerusform>
    <numerusform>cas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[complete case|complete cases]</source>
   <translation>
    <numerusform>cas complet</numerusform>
    <numerusform>cas complets</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[it holds|they hold] the names once more.</source>
   <translation>
    <numerusform>elle porte de nouveau les noms.</numerusform>
    <numerusform>elles portent de nouveau les noms.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[it reads|they read] “{words}”.</source>
   <translation>
    <numerusform>on y lit « {words} ».</numerusform>
    <numerusform>on y lit « {words} ».</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[lies|lie] far from the rest, which runs from {low} to {high}.</source>
   <translation>
    <numerusform>est loin du reste, qui va de {low} à {high}.</numerusform>
    <numerusform>sont loin du reste, qui va de {low} à {high}.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[row|rows]</source>
   <translation>
    <numerusform>ligne</numerusform>
    <numerusform>lignes</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[row|rows] {rows}</source>
   <translation>
    <numerusform>ligne {rows}</numerusform>
    <numerusform>lignes {rows}</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[set it aside|set them aside]</source>
   <translation>
    <numerusform>la mettre de côté</numerusform>
    <numerusform>les mettre de côté</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[steps|step] back in time, against the order of the file.</source>
   <translation>
    <numerusform>recule dans le temps, contre l’ordre du fichier.</numerusform>
    <numerusform>reculent dans le temps, contre l’ordre du fichier.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[tells|tell] who a person is ({held}); marked, it stays out of data that are given away.</source>
   <translation>
    <numerusform>dit qui est une personne ({held}) ; une fois marqué, cela reste hors des données qui sont données.</numerusform>
    <numerusform>disent qui est une personne ({held}) ; une fois marqué, cela reste hors des données qui sont données.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[tells|tell] who a person is; marked, it stays out of data that are given away.</source>
   <translation>
    <numerusform>dit qui est une personne ; une fois marqué, cela reste hors des données qui sont données.</numerusform>
    <numerusform>disent qui est une personne ; une fois marqué, cela reste hors des données qui sont données.</numerusform>
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
   <translation>un document PDF ; copiez-en les données et collez-les ici, ou demandez celles dont il est fait</translation>
  </message>
  <message>
   <source>a case of its own</source>
   <translation>un cas à part</translation>
  </message>
  <message>
   <source>a codebook needs a column “name” (or “variable”, “field”, …); its columns are {there}.</source>
   <translation>un dictionnaire a besoin d’une colonne « name » (ou « variable », « field »…) ; ses colonnes sont {there}.</translation>
  </message>
  <message>
   <source>a condition: the cases in use</source>
   <translation>une condition : les cas utilisés</translation>
  </message>
  <message>
   <source>a cross-table (count … against …)</source>
   <translation>un tableau croisé (count … against …)</translation>
  </message>
  <message>
   <source>a curve runs on beyond the values, or ends at the smallest and largest; it ends where values cannot lie beyond</source>
   <translation>une courbe continue au-delà des valeurs, ou s’arrête à la plus petite et à la plus grande ; elle s’arrête là où il ne peut y avoir de valeurs</translation>
  </message>
  <message>
   <source>a data file of a statistics program; in it, {as_text}</source>
   <translation>un fichier d’un logiciel de statistique ; dans celui-ci : {as_text}</translation>
  </message>
  <message>
   <source>a factor: above 1 the curve is smoother, below 1 it is rougher</source>
   <translation>un facteur : au-dessus de 1 la courbe est plus lisse, au-dessous plus rugueuse</translation>
  </message>
  <message>
   <source>a file of a row store (Avro, ORC); {as_text}</source>
   <translation>un fichier d’un stockage par lignes (Avro, ORC) ; {as_text}</translation>
  </message>
  <message>
   <source>a file of scientific arrays; {as_text}</source>
   <translation>un fichier de matrices scientifiques ; {as_text}</translation>
  </message>
  <message>
   <source>a line for each person over the occasions, and means</source>
   <translation>une ligne pour chaque personne au fil des moments, et les moyennes</translation>
  </message>
  <message>
   <source>a line through the dots</source>
   <translation>une droite à travers les points</translation>
  </message>
  <message>
   <source>a matrix as tiles</source>
   <translation>une matrice en carreaux</translation>
  </message>
  <message>
   <source>a new paragraph of the manuscript</source>
   <translation>un nouveau paragraphe du manuscrit</translation>
  </message>
  <message>
   <source>a norm with which the mean is compared</source>
   <translation>une norme à laquelle la moyenne est comparée</translation>
  </message>
  <message>
   <source>a number</source>
   <translation>un nombre</translation>
  </message>
  <message>
   <source>a number in the text</source>
   <translation>un nombre dans le texte</translation>
  </message>
  <message>
   <source>a picture; type its numbers into a workbook</source>
   <translation>une image ; tapez ses nombres dans un classeur</translation>
  </message>
  <message>
   <source>a program, not data</source>
   <translation>un programme, pas des données</translation>
  </message>
  <message>
   <source>a question with {n} answers</source>
   <translation>une question à {n} réponses</translation>
  </message>
  <message>
   <source>a quote is opened and never closed</source>
   <translation>un guillemet est ouvert et jamais fermé</translation>
  </message>
  <message>
   <source>a record of this study cannot be understood.</source>
   <translation>un enregistrement de cette étude est incompréhensible.</translation>
  </message>
  <message>
   <source>a row is longer than the reader can hold, or has quotes inside a field cut by “{delimiter}”</source>
   <translation>une ligne est trop longue pour être lue, ou contient des guillemets dans un champ séparé par « {delimiter} »</translation>
  </message>
  <message>
   <source>a sentence with groups (across …)</source>
   <translation>une phrase avec des groupes (across …)</translation>
  </message>
  <message>
   <source>a small count would show as none</source>
   <translation>un petit effectif aurait l’air d’aucun</translation>
  </message>
  <message>
   <source>a smooth curve whose area is the share of cases</source>
   <translation>une courbe lisse dont l’aire est la part des cas</translation>
  </message>
  <message>
   <source>a table</source>
   <translation>un tableau</translation>
  </message>
  <message>
   <source>a table of items: how well they hang together</source>
   <translation>un tableau des items : à quel point ils vont ensemble</translation>
  </message>
  <message>
   <source>a text document; {as_text}</source>
   <translation>un document de texte ; {as_text}</translation>
  </message>
  <message>
   <source>a variable of the codebook from now on</source>
   <translation>désormais une variable du dictionnaire</translation>
  </message>
  <message>
   <source>a whole number</source>
   <translation>un nombre entier</translation>
  </message>
  <message>
   <source>a workbook or document of an old format; {as_text}</source>
   <translation>un classeur ou document d’un ancien format ; {as_text}</translation>
  </message>
  <message>
   <source>abbreviations</source>
   <translation>abréviations</translation>
  </message>
  <message>
   <source>absolute value</source>
   <translation>valeur absolue</translation>
  </message>
  <message>
   <source>accept</source>
   <translation>accepter</translation>
  </message>
  <message>
   <source>accept all</source>
   <translation>tout accepter</translation>
  </message>
  <message>
   <source>accept all numbers</source>
   <translation>accepter tous les nombres</translation>
  </message>
  <message>
   <source>accept numbers</source>
   <translation>accepter des nombres</translation>
  </message>
  <message>
   <source>accept numbers in the text</source>
   <translation>accepter des nombres dans le texte</translation>
  </message>
  <message>
   <source>accept the number</source>
   <translation>accepter le nombre</translation>
  </message>
  <message>
   <source>accept the number in the text</source>
   <translation>accepter le nombre dans le texte</translation>
  </message>
  <message>
   <source>accept the numbers</source>
   <translation>accepter les nombres</translation>
  </message>
  <message>
   <source>account numbers</source>
   <translation>numéros de compte</translation>
  </message>
  <message>
   <source>across</source>
   <translation>en largeur</translation>
  </message>
  <message>
   <source>add the appendix</source>
   <translation>ajouter l’annexe</translation>
  </message>
  <message>
   <source>add the heading</source>
   <translation>ajouter le titre</translation>
  </message>
  <message>
   <source>add the paragraph</source>
   <translation>ajouter le paragraphe</translation>
  </message>
  <message>
   <source>add {name}</source>
   <translation>ajouter {name}</translation>
  </message>
  <message>
   <source>adjusted Fisher–Pearson skewness G1</source>
   <translation>asymétrie ajustée G1 de Fisher et Pearson</translation>
  </message>
  <message>
   <source>adjusted excess kurtosis G2</source>
   <translation>aplatissement excédentaire ajusté G2</translation>
  </message>
  <message>
   <source>ages in years and months, read as years</source>
   <translation>âges en années et mois, lus en années</translation>
  </message>
  <message>
   <source>alike</source>
   <translation>semblables</translation>
  </message>
  <message>
   <source>alike ones together</source>
   <translation>les semblables ensemble</translation>
  </message>
  <message>
   <source>all</source>
   <translation>tous</translation>
  </message>
  <message>
   <source>all at once</source>
   <translation>tous à la fois</translation>
  </message>
  <message>
   <source>all cases</source>
   <translation>tous les cas</translation>
  </message>
  <message>
   <source>all cases are looked at here, whatever the condition</source>
   <translation>ici tous les cas sont regardés, quelle que soit la condition</translation>
  </message>
  <message>
   <source>all cases in use</source>
   <translation>tous les cas utilisés</translation>
  </message>
  <message>
   <source>all cases in use again</source>
   <translation>reprendre tous les cas</translation>
  </message>
  <message>
   <source>all groups alike, or by how many cases they have</source>
   <translation>tous les groupes à égalité, ou selon leur nombre de cas</translation>
  </message>
  <message>
   <source>all groups together, after the groups; of frequencies without groups a row of their sum</source>
   <translation>tous les groupes ensemble, après les groupes ; pour des fréquences sans groupes, une ligne de leur somme</translation>
  </message>
  <message>
   <source>all of them, as flow</source>
   <translation>tous ensemble, comme flow</translation>
  </message>
  <message>
   <source>all rows of both</source>
   <translation>toutes les lignes des deux</translation>
  </message>
  <message>
   <source>all rows of the source in use</source>
   <translation>toutes les lignes de la source utilisée</translation>
  </message>
  <message>
   <source>an archive that is not unpacked here; unpack it, and open the file in it</source>
   <translation>une archive qui n’est pas décompressée ici ; décompressez-la et ouvrez le fichier qui s’y trouve</translation>
  </message>
  <message>
   <source>an exhibit</source>
   <translation>un élément</translation>
  </message>
  <message>
   <source>an occasion of one {title}</source>
   <translation>un moment de {title}</translation>
  </message>
  <message>
   <source>an option is a number or a word, written name = value.</source>
   <translation>une option est un nombre ou un mot, écrit nom = valeur.</translation>
  </message>
  <message>
   <source>and another</source>
   <translation>et une autre</translation>
  </message>
  <message>
   <source>and its share</source>
   <translation>et sa part</translation>
  </message>
  <message>
   <source>and stands for</source>
   <translation>et représente</translation>
  </message>
  <message>
   <source>and {n:,} more</source>
   <translation>et {n:,} de plus</translation>
  </message>
  <message>
   <source>and {n:,} more lie in the future.</source>
   <translation>et {n:,} autres sont dans le futur.</translation>
  </message>
  <message>
   <source>and …</source>
   <translation>et …</translation>
  </message>
  <message>
   <source>another of {count}</source>
   <translation>une autre de {count}</translation>
  </message>
  <message>
   <source>another picture</source>
   <translation>une autre image</translation>
  </message>
  <message>
   <source>answers in columns</source>
   <translation>réponses en colonnes</translation>
  </message>
  <message>
   <source>are missing in a fifth of the cases or more ({names}).</source>
   <translation>manquent dans un cinquième des cas ou plus ({names}).</translation>
  </message>
  <message>
   <source>are missing together in {cases}.</source>
   <translation>manquent ensemble ({cases}).</translation>
  </message>
  <message>
   <source>are often 0 ({names}): a mean mixes who has none with how much the others have.</source>
   <translation>valent souvent 0 ({names}) : une moyenne mêle ceux qui n’ont rien à ce qu’ont les autres.</translation>
  </message>
  <message>
   <source>are strongly skewed ({names}): the median describes them better than the mean.</source>
   <translation>sont fortement asymétriques ({names}) : la médiane les décrit mieux que la moyenne.</translation>
  </message>
  <message>
   <source>are the same in every case ({names}): they can show no difference.</source>
   <translation>sont les mêmes dans tous les cas ({names}) : elles ne peuvent montrer aucune différence.</translation>
  </message>
  <message>
   <source>are the same in nearly every case ({names}).</source>
   <translation>sont les mêmes dans presque tous les cas ({names}).</translation>
  </message>
  <message>
   <source>areas filled, or outlines alone</source>
   <translation>aires remplies, ou contours seuls</translation>
  </message>
  <message>
   <source>arithmetic</source>
   <translation>calcul</translation>
  </message>
  <message>
   <source>arithmetic mean</source>
   <translation>moyenne arithmétique</translation>
  </message>
  <message>
   <source>as a condition</source>
   <translation>comme condition</translation>
  </message>
  <message>
   <source>as bands</source>
   <translation>comme classes</translation>
  </message>
  <message>
   <source>as fits</source>
   <translation>au mieux</translation>
  </message>
  <message>
   <source>as kept</source>
   <translation>tel que gardé</translation>
  </message>
  <message>
   <source>as many as {title} says</source>
   <translation>autant que {title} l’indique</translation>
  </message>
  <message>
   <source>as the system</source>
   <translation>comme le système</translation>
  </message>
  <message>
   <source>at a glance</source>
   <translation>en un coup d’œil</translation>
  </message>
  <message>
   <source>at least</source>
   <translation>au moins</translation>
  </message>
  <message>
   <source>at most</source>
   <translation>au plus</translation>
  </message>
  <message>
   <source>at the Bench</source>
   <translation>à l’établi</translation>
  </message>
  <message>
   <source>at the data</source>
   <translation>aux données</translation>
  </message>
  <message>
   <source>back to back</source>
   <translation>dos à dos</translation>
  </message>
  <message>
   <source>bands</source>
   <translation>classes</translation>
  </message>
  <message>
   <source>bandwidth × {factor:.3g}, drag to smooth</source>
   <translation>largeur de bande × {factor:.3g}, glisser pour lisser</translation>
  </message>
  <message>
   <source>bar</source>
   <translation>barre verticale</translation>
  </message>
  <message>
   <source>bars</source>
   <translation>barres</translation>
  </message>
  <message>
   <source>bars around each line</source>
   <translation>barres autour de chaque ligne</translation>
  </message>
  <message>
   <source>bars one by one, their outline in steps, or a line through the middles of their tops</source>
   <translation>les barres une par une, leur contour en escalier, ou une ligne par le milieu de leurs sommets</translation>
  </message>
  <message>
   <source>bars over class intervals</source>
   <translation>barres sur des classes</translation>
  </message>
  <message>
   <source>bars, or cases of a missing map, sorted by what they show</source>
   <translation>barres, ou cas d’une carte des manquants, triés selon ce qu’ils montrent</translation>
  </message>
  <message>
   <source>being made</source>
   <translation>en préparation</translation>
  </message>
  <message>
   <source>below 10</source>
   <translation>moins de 10</translation>
  </message>
  <message>
   <source>below 3</source>
   <translation>moins de 3</translation>
  </message>
  <message>
   <source>below 5</source>
   <translation>moins de 5</translation>
  </message>
  <message>
   <source>beside each other</source>
   <translation>côte à côte</translation>
  </message>
  <message>
   <source>beside it</source>
   <translation>à côté</translation>
  </message>
  <message>
   <source>binary</source>
   <translation>binaire</translation>
  </message>
  <message>
   <source>blank</source>
   <translation>vide</translation>
  </message>
  <message>
   <source>both</source>
   <translation>les deux</translation>
  </message>
  <message>
   <source>both must hold</source>
   <translation>les deux doivent être vraies</translation>
  </message>
  <message>
   <source>both values of if( ) are texts, or none is.</source>
   <translation>les deux valeurs de if( ) sont des textes, ou aucune.</translation>
  </message>
  <message>
   <source>bring back</source>
   <translation>ramener</translation>
  </message>
  <message>
   <source>bring back the cases set aside</source>
   <translation>ramener les cas mis de côté</translation>
  </message>
  <message>
   <source>bring in</source>
   <translation>importer</translation>
  </message>
  <message>
   <source>by cases</source>
   <translation>selon les cas</translation>
  </message>
  <message>
   <source>by codebook</source>
   <translation>selon le dictionnaire</translation>
  </message>
  <message>
   <source>by ranks</source>
   <translation>selon les rangs</translation>
  </message>
  <message>
   <source>by the data</source>
   <translation>selon les données</translation>
  </message>
  <message>
   <source>by the form</source>
   <translation>selon la forme</translation>
  </message>
  <message>
   <source>by the groups</source>
   <translation>selon les groupes</translation>
  </message>
  <message>
   <source>by the names</source>
   <translation>selon les noms</translation>
  </message>
  <message>
   <source>by variable</source>
   <translation>par variable</translation>
  </message>
  <message>
   <source>by what can be</source>
   <translation>selon ce qui est possible</translation>
  </message>
  <message>
   <source>by what is drawn</source>
   <translation>selon ce qui est dessiné</translation>
  </message>
  <message>
   <source>by {name}</source>
   <translation>par {name}</translation>
  </message>
  <message>
   <source>can be read in two ways; choose which</source>
   <translation>peut se lire de deux façons ; choisissez laquelle</translation>
  </message>
  <message>
   <source>cancel</source>
   <translation>annuler</translation>
  </message>
  <message>
   <source>cannot be made</source>
   <translation>ne peut être fait</translation>
  </message>
  <message>
   <source>cannot be made: {trouble}</source>
   <translation>ne peut être fait : {trouble}</translation>
  </message>
  <message>
   <source>case {row}</source>
   <translation>cas {row}</translation>
  </message>
  <message>
   <source>cases without one of two values, or without any of all values, are left out</source>
   <translation>les cas sans l’une de deux valeurs, ou sans l’une de toutes, sont laissés de côté</translation>
  </message>
  <message>
   <source>cases ▴</source>
   <translation>cas ▴</translation>
  </message>
  <message>
   <source>causal words</source>
   <translation>mots de cause</translation>
  </message>
  <message>
   <source>cells</source>
   <translation>cellules</translation>
  </message>
  <message>
   <source>change its formula</source>
   <translation>changer sa formule</translation>
  </message>
  <message>
   <source>change {number} of this study cannot be made again: {message}</source>
   <translation>le changement {number} de cette étude ne peut être refait : {message}</translation>
  </message>
  <message>
   <source>changes of this study are missing.</source>
   <translation>des changements de cette étude manquent.</translation>
  </message>
  <message>
   <source>check the logarithm</source>
   <translation>vérifier le logarithme</translation>
  </message>
  <message>
   <source>choose .docx, .html, .csv or .json, or add “as histogram”</source>
   <translation>choisissez .docx, .html, .csv ou .json, ou ajoutez « as histogram »</translation>
  </message>
  <message>
   <source>choose a table or a figure to copy</source>
   <translation>choisissez un tableau ou une figure à copier</translation>
  </message>
  <message>
   <source>class bands between cuts</source>
   <translation>classes entre des coupures</translation>
  </message>
  <message>
   <source>close</source>
   <translation>fermer</translation>
  </message>
  <message>
   <source>close a panel</source>
   <translation>fermer un panneau</translation>
  </message>
  <message>
   <source>close the cases drawer</source>
   <translation>fermer le tiroir des cas</translation>
  </message>
  <message>
   <source>closed is left (a cut belongs to the band above it) or right.</source>
   <translation>closed est left (une coupure va à la classe au-dessus) ou right.</translation>
  </message>
  <message>
   <source>clusters</source>
   <translation>grappes</translation>
  </message>
  <message>
   <source>clusters by {title}</source>
   <translation>grappes selon {title}</translation>
  </message>
  <message>
   <source>codebook</source>
   <translation>dictionnaire</translation>
  </message>
  <message>
   <source>codebook from {name}</source>
   <translation>dictionnaire de {name}</translation>
  </message>
  <message>
   <source>codes for “no answer”</source>
   <translation>codes pour « sans réponse »</translation>
  </message>
  <message>
   <source>coefficient of variation, %</source>
   <translation>coefficient de variation, %</translation>
  </message>
  <message>
   <source>column {place} of {name}</source>
   <translation>colonne {place} de {name}</translation>
  </message>
  <message>
   <source>columns</source>
   <translation>colonnes</translation>
  </message>
  <message>
   <source>columns of fixed width</source>
   <translation>colonnes de largeur fixe</translation>
  </message>
  <message>
   <source>comes before {earlier} in {cases}; in all others it comes after.</source>
   <translation>précède {earlier} ({cases}) ; sinon vient toujours après.</translation>
  </message>
  <message>
   <source>comma</source>
   <translation>virgule</translation>
  </message>
  <message>
   <source>compare {other}</source>
   <translation>comparer {other}</translation>
  </message>
  <message>
   <source>complete cases</source>
   <translation>cas complets</translation>
  </message>
  <message>
   <source>complete rows</source>
   <translation>lignes complètes</translation>
  </message>
  <message>
   <source>composite of the chosen</source>
   <translation>composer les choisies</translation>
  </message>
  <message>
   <source>confidence interval</source>
   <translation>intervalle de confiance</translation>
  </message>
  <message>
   <source>confidence interval of the mean</source>
   <translation>intervalle de confiance de la moyenne</translation>
  </message>
  <message>
   <source>confidence interval of the median</source>
   <translation>intervalle de confiance de la médiane</translation>
  </message>
  <message>
   <source>confidence intervals of percentages or coefficients; the band of a cumulative curve</source>
   <translation>intervalles de confiance des pourcentages ou coefficients ; la bande d’une courbe cumulée</translation>
  </message>
  <message>
   <source>continuous</source>
   <translation>continue</translation>
  </message>
  <message>
   <source>copies</source>
   <translation>copies</translation>
  </message>
  <message>
   <source>copy</source>
   <translation>copier</translation>
  </message>
  <message>
   <source>copy this working as text</source>
   <translation>copier ce calcul comme texte</translation>
  </message>
  <message>
   <source>correlation and association</source>
   <translation>corrélation et association</translation>
  </message>
  <message>
   <source>count</source>
   <translation>comptage</translation>
  </message>
  <message>
   <source>count it as an answer in {names}</source>
   <translation>compter comme réponse dans {names}</translation>
  </message>
  <message>
   <source>count them one by one</source>
   <translation>les compter un par un</translation>
  </message>
  <message>
   <source>count {codes} as an answer</source>
   <translation>compter {codes} comme réponse</translation>
  </message>
  <message>
   <source>counts below this are hidden, and what would give them away</source>
   <translation>les effectifs plus petits sont cachés, avec ce qui les trahirait</translation>
  </message>
  <message>
   <source>counts or shares as bars</source>
   <translation>effectifs ou parts en barres</translation>
  </message>
  <message>
   <source>crossed with another</source>
   <translation>croisée avec une autre</translation>
  </message>
  <message>
   <source>dark</source>
   <translation>sombre</translation>
  </message>
  <message>
   <source>data of this study are missing.</source>
   <translation>des données de cette étude manquent.</translation>
  </message>
  <message>
   <source>date</source>
   <translation>date</translation>
  </message>
  <message>
   <source>dates</source>
   <translation>dates</translation>
  </message>
  <message>
   <source>dates and times written YYYYMMDDhhmmss.</source>
   <translation>dates et heures écrites AAAAMMJJhhmmss.</translation>
  </message>
  <message>
   <source>dates out of order</source>
   <translation>dates en désordre</translation>
  </message>
  <message>
   <source>dates written YYMMDD.</source>
   <translation>dates écrites AAMMJJ.</translation>
  </message>
  <message>
   <source>dates written YYYYMMDD.</source>
   <translation>des dates écrites AAAAMMJJ.</translation>
  </message>
  <message>
   <source>day</source>
   <translation>jour</translation>
  </message>
  <message>
   <source>day first</source>
   <translation>jour d’abord</translation>
  </message>
  <message>
   <source>day of the month</source>
   <translation>jour du mois</translation>
  </message>
  <message>
   <source>day of the week, 1 for Monday</source>
   <translation>jour de la semaine, 1 pour lundi</translation>
  </message>
  <message>
   <source>decimal comma</source>
   <translation>virgule décimale</translation>
  </message>
  <message>
   <source>decimal mark</source>
   <translation>séparateur décimal</translation>
  </message>
  <message>
   <source>decimal point</source>
   <translation>point décimal</translation>
  </message>
  <message>
   <source>decimals are a whole number from 0 to 15; “{word}” is none.</source>
   <translation>les décimales sont un nombre entier de 0 à 15 ; « {word} » n’en est pas un.</translation>
  </message>
  <message>
   <source>decimals of measures in print</source>
   <translation>décimales des mesures à l’impression</translation>
  </message>
  <message>
   <source>decimals of {variable}</source>
   <translation>décimales de {variable}</translation>
  </message>
  <message>
   <source>degrees, minutes and seconds, read as degrees, south and west below 0 ({number} for “{word}”).</source>
   <translation>degrés, minutes et secondes, lus en degrés, sud et ouest sous 0 ({number} pour « {word} »).</translation>
  </message>
  <message>
   <source>delimiter</source>
   <translation>délimiteur</translation>
  </message>
  <message>
   <source>density</source>
   <translation>densité</translation>
  </message>
  <message>
   <source>derive</source>
   <translation>dériver</translation>
  </message>
  <message>
   <source>derive bands that part them</source>
   <translation>dériver des classes qui les séparent</translation>
  </message>
  <message>
   <source>derive its logarithm</source>
   <translation>dériver son logarithme</translation>
  </message>
  <message>
   <source>derive the first number</source>
   <translation>dériver le premier nombre</translation>
  </message>
  <message>
   <source>derive the second</source>
   <translation>dériver le second</translation>
  </message>
  <message>
   <source>derive whether {name} is above 0</source>
   <translation>dériver si {name} dépasse 0</translation>
  </message>
  <message>
   <source>derive whether {name} is “{word}”</source>
   <translation>dériver si {name} est « {word} »</translation>
  </message>
  <message>
   <source>derive {name}</source>
   <translation>dériver {name}</translation>
  </message>
  <message>
   <source>describe by medians</source>
   <translation>décrire par les médianes</translation>
  </message>
  <message>
   <source>describe … across …    click a variable, or type</source>
   <translation>describe … across …    cliquez sur une variable, ou écrivez</translation>
  </message>
  <message>
   <source>descriptive statistics, and the distribution as a figure</source>
   <translation>statistiques descriptives, et la distribution en figure</translation>
  </message>
  <message>
   <source>difference</source>
   <translation>différence</translation>
  </message>
  <message>
   <source>distance from the mean</source>
   <translation>distance à la moyenne</translation>
  </message>
  <message>
   <source>distinct</source>
   <translation>distinctes</translation>
  </message>
  <message>
   <source>divide by {factor}</source>
   <translation>diviser par {factor}</translation>
  </message>
  <message>
   <source>do the words still hold?</source>
   <translation>les mots sont-ils encore vrais ?</translation>
  </message>
  <message>
   <source>draw it</source>
   <translation>le dessiner</translation>
  </message>
  <message>
   <source>drawn again</source>
   <translation>redessinée</translation>
  </message>
  <message>
   <source>duplicate</source>
   <translation>dupliquer</translation>
  </message>
  <message>
   <source>durations, read as hours</source>
   <translation>durées, lues comme heures</translation>
  </message>
  <message>
   <source>durations, read as minutes</source>
   <translation>des durées, lues en minutes</translation>
  </message>
  <message>
   <source>durations, read as seconds</source>
   <translation>des durées, lues en secondes</translation>
  </message>
  <message>
   <source>each class or value with all below it</source>
   <translation>chaque classe ou valeur avec toutes celles au-dessous</translation>
  </message>
  <message>
   <source>each row counts as one, though the rows of the study are weighted</source>
   <translation>chaque ligne compte pour une, bien que les lignes de l’étude soient pondérées</translation>
  </message>
  <message>
   <source>each row is a case of its own</source>
   <translation>chaque ligne est un cas à part</translation>
  </message>
  <message>
   <source>each row stands for {name} cases</source>
   <translation>chaque ligne représente autant de cas que {name} l’indique</translation>
  </message>
  <message>
   <source>each {name} has several rows</source>
   <translation>chaque {name} a plusieurs lignes</translation>
  </message>
  <message>
   <source>edit the methods text</source>
   <translation>modifier le texte de la méthode</translation>
  </message>
  <message>
   <source>edit the notes</source>
   <translation>modifier les notes</translation>
  </message>
  <message>
   <source>edit the paragraph</source>
   <translation>modifier le paragraphe</translation>
  </message>
  <message>
   <source>edit the results text</source>
   <translation>modifier le texte des résultats</translation>
  </message>
  <message>
   <source>edit the title</source>
   <translation>modifier le titre</translation>
  </message>
  <message>
   <source>edited by hand</source>
   <translation>modifié à la main</translation>
  </message>
  <message>
   <source>encoding</source>
   <translation>encodage</translation>
  </message>
  <message>
   <source>equal factors are equally far apart</source>
   <translation>des facteurs égaux sont également éloignés</translation>
  </message>
  <message>
   <source>equal to</source>
   <translation>égal à</translation>
  </message>
  <message>
   <source>every case as a dot</source>
   <translation>chaque cas est un point</translation>
  </message>
  <message>
   <source>every case as a dot besides</source>
   <translation>et chaque cas comme point</translation>
  </message>
  <message>
   <source>every pair of more than two groups, with p for all of them together</source>
   <translation>chaque paire de plus de deux groupes, avec p pour toutes ensemble</translation>
  </message>
  <message>
   <source>every variable that is continuous or a count</source>
   <translation>toute variable continue ou de comptage</translation>
  </message>
  <message>
   <source>every variable whose values are counted one by one</source>
   <translation>toute variable dont les valeurs se comptent une à une</translation>
  </message>
  <message>
   <source>everywhere</source>
   <translation>partout</translation>
  </message>
  <message>
   <source>exchange the exhibit</source>
   <translation>remplacer l’élément</translation>
  </message>
  <message>
   <source>exponential</source>
   <translation>exponentielle</translation>
  </message>
  <message>
   <source>expression…</source>
   <translation>expression…</translation>
  </message>
  <message>
   <source>fences</source>
   <translation>barrières</translation>
  </message>
  <message>
   <source>finding cases</source>
   <translation>recherche de cas</translation>
  </message>
  <message>
   <source>first and third quartile</source>
   <translation>premier et troisième quartiles</translation>
  </message>
  <message>
   <source>first quartile</source>
   <translation>premier quartile</translation>
  </message>
  <message>
   <source>first values</source>
   <translation>premières valeurs</translation>
  </message>
  <message>
   <source>first, second, … number in a text such as 136/80</source>
   <translation>premier, deuxième, … nombre d’un texte comme 136/80</translation>
  </message>
  <message>
   <source>fitting the levels</source>
   <translation>selon les niveaux</translation>
  </message>
  <message>
   <source>flags beside its numbers ({flags}) were left out.</source>
   <translation>les drapeaux à côté de ses nombres ({flags}) ont été laissés de côté.</translation>
  </message>
  <message>
   <source>fold the {n}</source>
   <translation>replier les {n}</translation>
  </message>
  <message>
   <source>footnote marks beside its numbers were left out.</source>
   <translation>les appels de note à côté des nombres ont été laissés de côté.</translation>
  </message>
  <message>
   <source>for each point by itself, or for all points at once</source>
   <translation>pour chaque point seul, ou pour tous les points à la fois</translation>
  </message>
  <message>
   <source>for example 86.6 min, with at most 15 decimals</source>
   <translation>par exemple 86.6 min, avec 15 décimales au plus</translation>
  </message>
  <message>
   <source>for example age &gt;= 18</source>
   <translation>par exemple age &gt;= 18</translation>
  </message>
  <message>
   <source>for this exhibit only</source>
   <translation>pour cet élément seulement</translation>
  </message>
  <message>
   <source>formula of {name}</source>
   <translation>formule de {name}</translation>
  </message>
  <message>
   <source>found out</source>
   <translation>trouvé</translation>
  </message>
  <message>
   <source>frequencies (count without against)</source>
   <translation>des effectifs (count sans against)</translation>
  </message>
  <message>
   <source>frequencies; with “against” a cross-table</source>
   <translation>fréquences ; avec « against » un tableau croisé</translation>
  </message>
  <message>
   <source>frequency</source>
   <translation>fréquence</translation>
  </message>
  <message>
   <source>from all rows to the cases analysed, in boxes</source>
   <translation>de toutes les lignes aux cas analysés, en cadres</translation>
  </message>
  <message>
   <source>from one value to another, both included</source>
   <translation>d’une valeur à une autre, toutes deux comprises</translation>
  </message>
  <message>
   <source>from {low} to {high}</source>
   <translation>de {low} à {high}</translation>
  </message>
  <message>
   <source>geometric mean</source>
   <translation>moyenne géométrique</translation>
  </message>
  <message>
   <source>give it a name</source>
   <translation>donner un nom</translation>
  </message>
  <message>
   <source>gravest first</source>
   <translation>le plus grave d’abord</translation>
  </message>
  <message>
   <source>groups in rows</source>
   <translation>groupes en lignes</translation>
  </message>
  <message>
   <source>groups in rows or side by side; the statistics one under the other; a column for each variable; or for each answer</source>
   <translation>groupes en lignes ou côte à côte ; les statistiques l’une sous l’autre ; une colonne pour chaque variable ; ou pour chaque réponse</translation>
  </message>
  <message>
   <source>groups side by side</source>
   <translation>groupes côte à côte</translation>
  </message>
  <message>
   <source>half-years, read as their first days.</source>
   <translation>semestres, lus comme leurs premiers jours.</translation>
  </message>
  <message>
   <source>harmonic mean</source>
   <translation>moyenne harmonique</translation>
  </message>
  <message>
   <source>has another whole number in each of {cases}: an identifier?</source>
   <translation>a chaque fois un autre nombre entier ({cases}) : un identifiant ?</translation>
  </message>
  <message>
   <source>have a value far from the rest ({names}).</source>
   <translation>ont une valeur loin des autres ({names}).</translation>
  </message>
  <message>
   <source>have two humps or more ({names}): one mean hides them.</source>
   <translation>ont deux bosses ou plus ({names}) : une seule moyenne les cache.</translation>
  </message>
  <message>
   <source>high contrast</source>
   <translation>contraste élevé</translation>
  </message>
  <message>
   <source>highest</source>
   <translation>les plus hautes</translation>
  </message>
  <message>
   <source>highest values and their cases</source>
   <translation>plus hautes valeurs et leurs cas</translation>
  </message>
  <message>
   <source>hold only a few whole numbers ({names}): codes rather than measures?</source>
   <translation>ne contiennent que quelques nombres entiers ({names}) : des codes plutôt que des mesures ?</translation>
  </message>
  <message>
   <source>holds only {n} whole numbers, {low} to {high}: codes rather than measures?</source>
   <translation>n’a que {n} nombres entiers, de {low} à {high} : des codes plutôt que des mesures ?</translation>
  </message>
  <message>
   <source>holds only {one} and {other}: two answers, not a measure?</source>
   <translation>n’a que {one} et {other} : deux réponses, pas une mesure ?</translation>
  </message>
  <message>
   <source>holds two numbers in a cell (“{two}”), so it was left as text.</source>
   <translation>contient deux nombres par cellule (« {two} ») et est donc restée du texte.</translation>
  </message>
  <message>
   <source>hours and minutes, read as hours</source>
   <translation>heures et minutes, lues comme heures</translation>
  </message>
  <message>
   <source>how far each count lies from the expected one, in standard errors</source>
   <translation>l’écart de chaque effectif à l’effectif attendu, en erreurs standard</translation>
  </message>
  <message>
   <source>how far two raters or methods agree: kappa, intraclass correlations, limits of agreement</source>
   <translation>à quel point deux juges ou méthodes s’accordent : kappa, corrélations intraclasses, limites d’accord</translation>
  </message>
  <message>
   <source>how groups share the figure</source>
   <translation>comment les groupes se partagent la figure</translation>
  </message>
  <message>
   <source>how many have a value</source>
   <translation>combien ont une valeur</translation>
  </message>
  <message>
   <source>how many interquartile ranges beyond the quartiles a value is an outlier</source>
   <translation>à combien d’écarts interquartiles au-delà des quartiles une valeur est aberrante</translation>
  </message>
  <message>
   <source>how many of the variables have a value</source>
   <translation>combien des variables ont une valeur</translation>
  </message>
  <message>
   <source>how much the groups differ: a standardized difference with its interval; of correlations by Fisher’s z</source>
   <translation>combien les groupes diffèrent : une différence standardisée avec son intervalle ; pour des corrélations, par le z de Fisher</translation>
  </message>
  <message>
   <source>how often the mode occurs</source>
   <translation>combien de fois le mode apparaît</translation>
  </message>
  <message>
   <source>how the bandwidth of a density is found</source>
   <translation>comment se trouve la largeur de bande d’une densité</translation>
  </message>
  <message>
   <source>how the means of persons who have several rows go together</source>
   <translation>comment vont ensemble les moyennes de personnes qui ont plusieurs lignes</translation>
  </message>
  <message>
   <source>how the width of the classes is found</source>
   <translation>comment se trouve la largeur des classes</translation>
  </message>
  <message>
   <source>how two shares in two groups are compared; d_z standardizes changes within persons by their own spread</source>
   <translation>comment se comparent deux parts dans deux groupes ; d_z rapporte les changements des personnes à leur propre dispersion</translation>
  </message>
  <message>
   <source>how values move together in the rows of one person</source>
   <translation>comment les valeurs bougent ensemble dans les lignes d’une personne</translation>
  </message>
  <message>
   <source>how wide the figure is on paper</source>
   <translation>la largeur de la figure sur le papier</translation>
  </message>
  <message>
   <source>humps</source>
   <translation>bosses</translation>
  </message>
  <message>
   <source>identifier</source>
   <translation>identifiant</translation>
  </message>
  <message>
   <source>in an empty sentence: the sentences before</source>
   <translation>dans une phrase vide : les phrases d’avant</translation>
  </message>
  <message>
   <source>in another unit</source>
   <translation>dans une autre unité</translation>
  </message>
  <message>
   <source>in its steady steps; the largest from {first} to {last}.</source>
   <translation>dans ses pas réguliers ; la plus grande de {first} à {last}.</translation>
  </message>
  <message>
   <source>in memory</source>
   <translation>en mémoire</translation>
  </message>
  <message>
   <source>in no order</source>
   <translation>sans ordre</translation>
  </message>
  <message>
   <source>in panels</source>
   <translation>en panneaux</translation>
  </message>
  <message>
   <source>in rows that overlap</source>
   <translation>en rangées qui se chevauchent</translation>
  </message>
  <message>
   <source>in the note</source>
   <translation>dans la note</translation>
  </message>
  <message>
   <source>in the sentence: go to the offers</source>
   <translation>dans la phrase : aller aux propositions</translation>
  </message>
  <message>
   <source>in the sentence: take the first offer</source>
   <translation>dans la phrase : prendre la première proposition</translation>
  </message>
  <message>
   <source>in the table</source>
   <translation>dans le tableau</translation>
  </message>
  <message>
   <source>in the text</source>
   <translation>dans le texte</translation>
  </message>
  <message>
   <source>in {name}, {cases}: {words}.</source>
   <translation>dans {name}, {cases} : {words}.</translation>
  </message>
  <message>
   <source>in {name}: {kinds}.</source>
   <translation>dans {name} : {kinds}.</translation>
  </message>
  <message numerus="yes">
   <source>in {name}: {texts}. {n:,} [case counts|cases count] as missing until then.</source>
   <translation>
    <numerusform>dans {name} : {texts}. {n:,} cas compte d’ici là comme manquant.</numerusform>
    <numerusform>dans {name} : {texts}. {n:,} cas comptent d’ici là comme manquants.</numerusform>
   </translation>
  </message>
  <message>
   <source>in {n} columns: {names}</source>
   <translation>en {n} colonnes : {names}</translation>
  </message>
  <message>
   <source>in {role} by</source>
   <translation>en {role} selon</translation>
  </message>
  <message>
   <source>interquartile range</source>
   <translation>écart interquartile</translation>
  </message>
  <message>
   <source>is 0 in {zeros:,} of {n:,} cases: a mean mixes who has none with how much the others have.</source>
   <translation>vaut 0 dans {zeros:,} cas sur {n:,} : une moyenne mêle qui n’a rien avec combien ont les autres.</translation>
  </message>
  <message>
   <source>is about {factor} times the rest, which runs from {low} to {high}: another unit?</source>
   <translation>est environ {factor} fois le reste, qui va de {low} à {high} : une autre unité ?</translation>
  </message>
  <message>
   <source>is missing</source>
   <translation>est manquant</translation>
  </message>
  <message numerus="yes">
   <source>is missing in {missing:,} of {n:,} [case|cases] ({share:.0f} %).</source>
   <translation>
    <numerusform>manque dans {missing:,} cas sur {n:,} ({share:.0f} %).</numerusform>
    <numerusform>manque dans {missing:,} cas sur {n:,} ({share:.0f} %).</numerusform>
   </translation>
  </message>
  <message>
   <source>is missing, or is not missing</source>
   <translation>est manquant, ou n’est pas manquant</translation>
  </message>
  <message>
   <source>is not in the study any more</source>
   <translation>n’est plus dans l’étude</translation>
  </message>
  <message>
   <source>is not missing</source>
   <translation>n’est pas manquant</translation>
  </message>
  <message>
   <source>is strongly skewed (G1 = {skewness}): the median describes it better than the mean.</source>
   <translation>est très asymétrique (G1 = {skewness}) : la médiane le décrit mieux que la moyenne.</translation>
  </message>
  <message>
   <source>is the same as {name}.</source>
   <translation>est la même chose que {name}.</translation>
  </message>
  <message>
   <source>is {name} times {factor} (r = {r}).</source>
   <translation>est {name} fois {factor} (r = {r}).</translation>
  </message>
  <message>
   <source>is “{value}” in all but {cases}.</source>
   <translation>est « {value} » partout, sauf {cases}.</translation>
  </message>
  <message>
   <source>is “{value}” in every case: it can show no difference.</source>
   <translation>est « {value} » dans tous les cas : cela ne peut montrer aucune différence.</translation>
  </message>
  <message>
   <source>is “{word}” or nothing, in {cases} nothing: does nothing mean no?</source>
   <translation>est « {word} » ou rien, rien dans {cases} : rien veut-il dire non ?</translation>
  </message>
  <message>
   <source>it cannot be read as a workbook. Save it again from a spreadsheet program, or as delimited text (.csv).</source>
   <translation>il ne se lit pas comme classeur. Enregistrez-le de nouveau depuis un tableur, ou comme texte à séparateurs (.csv).</translation>
  </message>
  <message>
   <source>it does not hold its estimate</source>
   <translation>il ne contient pas son estimation</translation>
  </message>
  <message>
   <source>it is not in the exhibit any more</source>
   <translation>il n’est plus dans l’élément</translation>
  </message>
  <message>
   <source>it is read-only</source>
   <translation>lecture seule</translation>
  </message>
  <message>
   <source>it lies beyond 1</source>
   <translation>il dépasse 1</translation>
  </message>
  <message>
   <source>it was not found: taken out, or rewritten</source>
   <translation>introuvable : retiré ou réécrit</translation>
  </message>
  <message>
   <source>item turned round on its scale</source>
   <translation>item retourné sur son échelle</translation>
  </message>
  <message>
   <source>its cell cannot be told from others in the table as it is</source>
   <translation>sa cellule ne se distingue pas des autres dans le tableau actuel</translation>
  </message>
  <message>
   <source>its dates are written in several ways; each was read in its own.</source>
   <translation>ses dates sont écrites de plusieurs façons ; chacune a été lue à la sienne.</translation>
  </message>
  <message>
   <source>its dates can be read either way; the day comes first, as in the other columns.</source>
   <translation>ses dates peuvent se lire de deux façons ; le jour vient en premier, comme dans les autres colonnes.</translation>
  </message>
  <message>
   <source>its dates can be read either way; the month comes first, as in the other columns.</source>
   <translation>ses dates peuvent se lire de deux façons ; le mois vient en premier, comme dans les autres colonnes.</translation>
  </message>
  <message>
   <source>its exhibits do not say that any more</source>
   <translation>ses éléments ne disent plus cela</translation>
  </message>
  <message>
   <source>its last good copy is “{copy}” beside it: open that</source>
   <translation>sa dernière bonne copie est « {copy} » à côté : ouvrez-la</translation>
  </message>
  <message>
   <source>its lower limit is above the upper one</source>
   <translation>sa limite inférieure dépasse la supérieure</translation>
  </message>
  <message>
   <source>its mark is gone here, so it was left as it is</source>
   <translation>sa marque manque ici, il est donc resté tel quel</translation>
  </message>
  <message>
   <source>its name says times of day, and it was read as decimal numbers; if {value} is {clock}, write it with a colon.</source>
   <translation>son nom dit des heures, et elle a été lue comme des nombres décimaux ; si {value} est {clock}, écrivez-le avec deux-points.</translation>
  </message>
  <message>
   <source>its name says years and months, and it was read as decimal numbers; write {example} for eight years and ten months.</source>
   <translation>son nom annonce des années et des mois, mais elle a été lue comme des nombres décimaux ; écrivez {example} pour huit ans et dix mois.</translation>
  </message>
  <message numerus="yes">
   <source>its names are {names}; {n:,} [row follows|rows follow].</source>
   <translation>
    <numerusform>ses noms sont {names} ; {n:,} ligne suit.</numerusform>
    <numerusform>ses noms sont {names} ; {n:,} lignes suivent.</numerusform>
   </translation>
  </message>
  <message>
   <source>its numbers are in several units ({units}); it was left as text.</source>
   <translation>ses nombres sont en plusieurs unités ({units}) ; la colonne est restée du texte.</translation>
  </message>
  <message numerus="yes">
   <source>its numbers are read in {unit}; [one of them names|{n:,} different ones name] no unit.</source>
   <translation>
    <numerusform>ses nombres sont lus en {unit} ; l’un d’eux n’indique aucune unité.</numerusform>
    <numerusform>ses nombres sont lus en {unit} ; {n:,} différents n’indiquent aucune unité.</numerusform>
   </translation>
  </message>
  <message>
   <source>its numbers may be {unit} since 1970 ({number} would be {day}).</source>
   <translation>ses nombres sont peut-être des {unit} depuis 1970 ({number} serait le {day}).</translation>
  </message>
  <message>
   <source>its p is between {low} and {high}</source>
   <translation>son p est entre {low} et {high}</translation>
  </message>
  <message>
   <source>its p is {low}</source>
   <translation>son p est {low}</translation>
  </message>
  <message>
   <source>its two-digit years were read as {span}.</source>
   <translation>ses années à deux chiffres ont été lues comme {span}.</translation>
  </message>
  <message>
   <source>joined by {name}</source>
   <translation>joints par {name}</translation>
  </message>
  <message>
   <source>keep</source>
   <translation>garder</translation>
  </message>
  <message>
   <source>keep all {n} names</source>
   <translation>garder les {n} noms</translation>
  </message>
  <message>
   <source>keep it</source>
   <translation>garder</translation>
  </message>
  <message>
   <source>keep the exhibit</source>
   <translation>garder l’élément</translation>
  </message>
  <message>
   <source>keep the name</source>
   <translation>garder le nom</translation>
  </message>
  <message>
   <source>keep this and add another condition</source>
   <translation>garder ceci et ajouter une autre condition</translation>
  </message>
  <message>
   <source>key: variables that both have</source>
   <translation>clé : variables que les deux possèdent</translation>
  </message>
  <message>
   <source>key: what says which rows belong to one case</source>
   <translation>clé : ce qui dit quelles lignes vont à un cas</translation>
  </message>
  <message>
   <source>key: what says which rows belong to one person or group</source>
   <translation>clé : ce qui dit quelles lignes vont à une personne ou un groupe</translation>
  </message>
  <message>
   <source>kurtosis</source>
   <translation>aplatissement</translation>
  </message>
  <message>
   <source>kurtosis over its standard error</source>
   <translation>aplatissement sur son erreur standard</translation>
  </message>
  <message>
   <source>label</source>
   <translation>étiquette</translation>
  </message>
  <message>
   <source>largest minus smallest value</source>
   <translation>la plus grande valeur moins la plus petite</translation>
  </message>
  <message>
   <source>largest value</source>
   <translation>plus grande valeur</translation>
  </message>
  <message>
   <source>largest value over variables of the same case</source>
   <translation>plus grande valeur sur des variables du même cas</translation>
  </message>
  <message>
   <source>last values</source>
   <translation>dernières valeurs</translation>
  </message>
  <message>
   <source>lay a codebook file over the variables</source>
   <translation>appliquer un fichier de dictionnaire aux variables</translation>
  </message>
  <message>
   <source>leave</source>
   <translation>quitter</translation>
  </message>
  <message>
   <source>leave out</source>
   <translation>écarter</translation>
  </message>
  <message>
   <source>leave out {names}</source>
   <translation>écarter {names}</translation>
  </message>
  <message>
   <source>leave out {name}</source>
   <translation>écarter {name}</translation>
  </message>
  <message>
   <source>leave them out</source>
   <translation>les écarter</translation>
  </message>
  <message>
   <source>leave “{word}” out, or name a measured variable</source>
   <translation>ôtez « {word} », ou nommez une variable mesurée</translation>
  </message>
  <message>
   <source>left</source>
   <translation>à gauche</translation>
  </message>
  <message>
   <source>left out</source>
   <translation>écartée</translation>
  </message>
  <message>
   <source>let it stand</source>
   <translation>laisser tel quel</translation>
  </message>
  <message>
   <source>let the words stand</source>
   <translation>laisser les mots tels quels</translation>
  </message>
  <message>
   <source>lies in the future.</source>
   <translation>est dans le futur.</translation>
  </message>
  <message>
   <source>light</source>
   <translation>clair</translation>
  </message>
  <message>
   <source>limit the cases in use</source>
   <translation>restreindre les cas utilisés</translation>
  </message>
  <message>
   <source>line</source>
   <translation>ligne</translation>
  </message>
  <message>
   <source>line {line:,} (“{text}”)</source>
   <translation>ligne {line:,} (« {text} »)</translation>
  </message>
  <message>
   <source>line {line_num} is no CSV ({error}).</source>
   <translation>la ligne {line_num} n’est pas du CSV ({error}).</translation>
  </message>
  <message>
   <source>line {number}</source>
   <translation>ligne {number}</translation>
  </message>
  <message>
   <source>listwise</source>
   <translation>par cas complets</translation>
  </message>
  <message>
   <source>logarithm</source>
   <translation>logarithme</translation>
  </message>
  <message>
   <source>logarithm to base 10</source>
   <translation>logarithme de base 10</translation>
  </message>
  <message>
   <source>logarithm to base 2</source>
   <translation>logarithme de base 2</translation>
  </message>
  <message>
   <source>look without it</source>
   <translation>regarder sans lui</translation>
  </message>
  <message>
   <source>looking for what is wrong</source>
   <translation>recherche de ce qui ne va pas</translation>
  </message>
  <message>
   <source>looking through the file</source>
   <translation>examen du fichier</translation>
  </message>
  <message>
   <source>lower limit of the confidence interval of the mean</source>
   <translation>limite inférieure de l’intervalle de confiance de la moyenne</translation>
  </message>
  <message>
   <source>lower limit of the confidence interval of the median</source>
   <translation>limite inférieure de l’intervalle de confiance de la médiane</translation>
  </message>
  <message>
   <source>lower limit of the interval of the ICC</source>
   <translation>limite inférieure de l’intervalle de l’ICC</translation>
  </message>
  <message>
   <source>lowest</source>
   <translation>les plus basses</translation>
  </message>
  <message>
   <source>lowest values and their cases</source>
   <translation>plus basses valeurs et leurs cas</translation>
  </message>
  <message>
   <source>made by {formula}</source>
   <translation>calculée par {formula}</translation>
  </message>
  <message>
   <source>mail addresses</source>
   <translation>adresses électroniques</translation>
  </message>
  <message>
   <source>mail addresses and telephone numbers</source>
   <translation>adresses électroniques et numéros de téléphone</translation>
  </message>
  <message>
   <source>make a variable</source>
   <translation>créer une variable</translation>
  </message>
  <message>
   <source>make all “{meant}”</source>
   <translation>tout mettre à « {meant} »</translation>
  </message>
  <message>
   <source>make it</source>
   <translation>exécuter</translation>
  </message>
  <message>
   <source>make {target}</source>
   <translation>créer {target}</translation>
  </message>
  <message>
   <source>mark as personal</source>
   <translation>marquer comme personnelle</translation>
  </message>
  <message>
   <source>max</source>
   <translation>max</translation>
  </message>
  <message>
   <source>may no longer hold</source>
   <translation>n’est peut-être plus vrai</translation>
  </message>
  <message>
   <source>mean</source>
   <translation>moyenne</translation>
  </message>
  <message>
   <source>mean absolute deviation from the mean</source>
   <translation>écart absolu moyen à la moyenne</translation>
  </message>
  <message>
   <source>mean and median</source>
   <translation>moyenne et médiane</translation>
  </message>
  <message>
   <source>mean of skewed</source>
   <translation>moyenne malgré l’asymétrie</translation>
  </message>
  <message>
   <source>mean over variables; minimum says how many must be valid (all, unless said)</source>
   <translation>moyenne sur des variables ; minimum dit combien doivent être valides (toutes, sauf indication)</translation>
  </message>
  <message>
   <source>mean without the outer values at each end</source>
   <translation>moyenne sans les valeurs extrêmes de chaque bout</translation>
  </message>
  <message>
   <source>mean {value}</source>
   <translation>moyenne {value}</translation>
  </message>
  <message>
   <source>means</source>
   <translation>moyennes</translation>
  </message>
  <message>
   <source>means with their intervals</source>
   <translation>moyennes avec leurs intervalles</translation>
  </message>
  <message>
   <source>measured</source>
   <translation>mesuré</translation>
  </message>
  <message>
   <source>median</source>
   <translation>médiane</translation>
  </message>
  <message>
   <source>median absolute deviation</source>
   <translation>écart absolu médian</translation>
  </message>
  <message>
   <source>median absolute deviation times 1.4826, which estimates the SD of normal data</source>
   <translation>écart absolu médian fois 1,4826, qui estime l’ET de données normales</translation>
  </message>
  <message>
   <source>mention of what is gone</source>
   <translation>mention de ce qui n’existe plus</translation>
  </message>
  <message>
   <source>methods</source>
   <translation>méthode</translation>
  </message>
  <message>
   <source>methods text</source>
   <translation>texte de la méthode</translation>
  </message>
  <message>
   <source>min</source>
   <translation>min</translation>
  </message>
  <message>
   <source>minimum is a whole number from 1 to {n}, the number of variables.</source>
   <translation>minimum est un nombre entier de 1 à {n}, le nombre de variables.</translation>
  </message>
  <message>
   <source>minutes and seconds, read as minutes</source>
   <translation>minutes et secondes, lues comme des minutes</translation>
  </message>
  <message>
   <source>mirrored densities with quartiles</source>
   <translation>densités en miroir avec quartiles</translation>
  </message>
  <message>
   <source>missing</source>
   <translation>manquant</translation>
  </message>
  <message>
   <source>missing code</source>
   <translation>code manquant</translation>
  </message>
  <message>
   <source>missing codes of {names}</source>
   <translation>codes manquants de {names}</translation>
  </message>
  <message>
   <source>missing data</source>
   <translation>données manquantes</translation>
  </message>
  <message>
   <source>missing in {names}</source>
   <translation>manquant dans {names}</translation>
  </message>
  <message>
   <source>missing values</source>
   <translation>valeurs manquantes</translation>
  </message>
  <message>
   <source>missing values in the table, or in its note</source>
   <translation>valeurs manquantes dans le tableau, ou dans sa note</translation>
  </message>
  <message>
   <source>missing: {name}</source>
   <translation>manquant : {name}</translation>
  </message>
  <message>
   <source>missing: {part}</source>
   <translation>manquant : {part}</translation>
  </message>
  <message>
   <source>mode</source>
   <translation>mode</translation>
  </message>
  <message>
   <source>month</source>
   <translation>mois</translation>
  </message>
  <message>
   <source>month first</source>
   <translation>mois d’abord</translation>
  </message>
  <message>
   <source>month, 1 to 12</source>
   <translation>mois, 1 à 12</translation>
  </message>
  <message>
   <source>months written YYYYMM, read as their first days.</source>
   <translation>mois écrits AAAAMM, lus comme leurs premiers jours.</translation>
  </message>
  <message>
   <source>months, read as their first days.</source>
   <translation>des mois, lus comme leur premier jour.</translation>
  </message>
  <message>
   <source>more than once, with other values beside: {named}.</source>
   <translation>plus d’une fois, avec d’autres valeurs à côté : {named}.</translation>
  </message>
  <message>
   <source>more than {most_derived:,} derived variables are not made; lay over fewer.</source>
   <translation>plus de {most_derived:,} variables dérivées ne sont pas formées ; prenez-en moins.</translation>
  </message>
  <message>
   <source>most frequent</source>
   <translation>les plus fréquentes</translation>
  </message>
  <message>
   <source>most frequent value</source>
   <translation>valeur la plus fréquente</translation>
  </message>
  <message>
   <source>most of its words are dates, “{word}” is none for sure; it was left as text.</source>
   <translation>la plupart de ses mots sont des dates, « {word} » n’en est pas sûrement une ; laissé en texte.</translation>
  </message>
  <message>
   <source>most: {value}</source>
   <translation>surtout : {value}</translation>
  </message>
  <message>
   <source>move it in the manuscript</source>
   <translation>le déplacer dans le manuscrit</translation>
  </message>
  <message>
   <source>moved</source>
   <translation>a changé</translation>
  </message>
  <message>
   <source>multiply by {factor}</source>
   <translation>multiplier par {factor}</translation>
  </message>
  <message>
   <source>n = {size} has {df:g} degrees of freedom</source>
   <translation>n = {size} donne {df:g} degrés de liberté</translation>
  </message>
  <message>
   <source>names as they stand in the file</source>
   <translation>noms comme dans le fichier</translation>
  </message>
  <message numerus="yes">
   <source>names in [row|rows] {rows}</source>
   <translation>
    <numerusform>noms en ligne {rows}</numerusform>
    <numerusform>noms en lignes {rows}</numerusform>
   </translation>
  </message>
  <message>
   <source>narrow space</source>
   <translation>espace fine insécable</translation>
  </message>
  <message>
   <source>natural logarithm</source>
   <translation>logarithme naturel</translation>
  </message>
  <message>
   <source>never mentioned</source>
   <translation>jamais mentionné</translation>
  </message>
  <message>
   <source>new name = expression, for example vocab_gain = post - pre</source>
   <translation>nouveau nom = expression, par exemple vocab_gain = post - pre</translation>
  </message>
  <message>
   <source>next whole number above</source>
   <translation>nombre entier suivant au-dessus</translation>
  </message>
  <message>
   <source>next whole number below</source>
   <translation>nombre entier suivant au-dessous</translation>
  </message>
  <message>
   <source>no</source>
   <translation>non</translation>
  </message>
  <message>
   <source>no case meets this</source>
   <translation>aucun cas n’y répond</translation>
  </message>
  <message>
   <source>no clusters</source>
   <translation>pas de grappes</translation>
  </message>
  <message>
   <source>no data yet</source>
   <translation>pas encore de données</translation>
  </message>
  <message>
   <source>no label</source>
   <translation>sans étiquette</translation>
  </message>
  <message>
   <source>no longer explains CI</source>
   <translation>n’explique plus IC</translation>
  </message>
  <message>
   <source>no longer explains CV</source>
   <translation>n’explique plus CV</translation>
  </message>
  <message>
   <source>no longer explains IQR</source>
   <translation>n’explique plus EI</translation>
  </message>
  <message>
   <source>no longer explains MAD</source>
   <translation>n’explique plus MAD</translation>
  </message>
  <message>
   <source>no longer explains Mdn</source>
   <translation>n’explique plus Mdn</translation>
  </message>
  <message>
   <source>no longer holds</source>
   <translation>n’est plus vrai</translation>
  </message>
  <message>
   <source>no longer says how many values are missing</source>
   <translation>ne dit plus combien de valeurs manquent</translation>
  </message>
  <message>
   <source>no longer says what its percentages are of</source>
   <translation>ne dit plus de quoi sont ses pourcentages</translation>
  </message>
  <message>
   <source>no longer true</source>
   <translation>n’est plus vrai</translation>
  </message>
  <message>
   <source>no n</source>
   <translation>sans n</translation>
  </message>
  <message>
   <source>no number</source>
   <translation>pas un nombre</translation>
  </message>
  <message>
   <source>no number above 0</source>
   <translation>pas de nombre supérieur à 0</translation>
  </message>
  <message>
   <source>no row of names</source>
   <translation>pas de ligne de noms</translation>
  </message>
  <message>
   <source>no spread</source>
   <translation>sans dispersion</translation>
  </message>
  <message>
   <source>no strata</source>
   <translation>pas de strates</translation>
  </message>
  <message>
   <source>no value</source>
   <translation>pas de valeur</translation>
  </message>
  <message>
   <source>no values</source>
   <translation>aucune valeur</translation>
  </message>
  <message>
   <source>no weights</source>
   <translation>pas de pondération</translation>
  </message>
  <message>
   <source>no whole number from 0</source>
   <translation>pas de nombre entier à partir de 0</translation>
  </message>
  <message>
   <source>no {words}</source>
   <translation>sans {words}</translation>
  </message>
  <message>
   <source>nominal</source>
   <translation>nominale</translation>
  </message>
  <message>
   <source>none</source>
   <translation>aucun</translation>
  </message>
  <message>
   <source>normal</source>
   <translation>normale</translation>
  </message>
  <message>
   <source>not defined: {reason}</source>
   <translation>non défini : {reason}</translation>
  </message>
  <message>
   <source>not equal to</source>
   <translation>différent de</translation>
  </message>
  <message>
   <source>not personal</source>
   <translation>non personnelle</translation>
  </message>
  <message>
   <source>not there any more</source>
   <translation>n’est plus là</translation>
  </message>
  <message>
   <source>notes</source>
   <translation>notes</translation>
  </message>
  <message>
   <source>nothing</source>
   <translation>rien</translation>
  </message>
  <message>
   <source>nothing cuts the lines into fields (“{line}”), so there is one variable.</source>
   <translation>rien ne découpe les lignes en champs (« {line} ») ; il y a donc une seule variable.</translation>
  </message>
  <message>
   <source>nothing missing: complete cases</source>
   <translation>rien ne manque : cas complets</translation>
  </message>
  <message>
   <source>nothing to set yet</source>
   <translation>encore rien à composer</translation>
  </message>
  <message>
   <source>nothing: complete cases</source>
   <translation>rien : cas complets</translation>
  </message>
  <message>
   <source>number</source>
   <translation>nombre</translation>
  </message>
  <message>
   <source>number of missing values</source>
   <translation>nombre de valeurs manquantes</translation>
  </message>
  <message>
   <source>number of valid values</source>
   <translation>nombre de valeurs valides</translation>
  </message>
  <message>
   <source>number( ) takes 1 for the first number in a text, 2 for the second, to {most}.</source>
   <translation>number( ) prend 1 pour le premier nombre d’un texte, 2 pour le deuxième, jusqu’à {most}.</translation>
  </message>
  <message>
   <source>numbers in brackets were read as negative.</source>
   <translation>les nombres entre parenthèses ont été lus comme négatifs.</translation>
  </message>
  <message>
   <source>occasion</source>
   <translation>moment</translation>
  </message>
  <message>
   <source>odds ratio</source>
   <translation>rapport de cotes</translation>
  </message>
  <message>
   <source>of a question with several answers: which of them were given together</source>
   <translation>d’une question à plusieurs réponses : lesquelles ont été données ensemble</translation>
  </message>
  <message>
   <source>of all</source>
   <translation>de tous</translation>
  </message>
  <message>
   <source>of means</source>
   <translation>des moyennes</translation>
  </message>
  <message>
   <source>of one</source>
   <translation>de</translation>
  </message>
  <message>
   <source>of the column</source>
   <translation>de la colonne</translation>
  </message>
  <message>
   <source>of the row</source>
   <translation>de la ligne</translation>
  </message>
  <message>
   <source>of values missing</source>
   <translation>des valeurs manquent</translation>
  </message>
  <message>
   <source>of “{group}”</source>
   <translation>de « {group} »</translation>
  </message>
  <message>
   <source>on a value in the Codebook: print it earlier or later</source>
   <translation>sur une valeur du dictionnaire : l’imprimer plus tôt ou plus tard</translation>
  </message>
  <message>
   <source>on a variable: describe it, or leave it out</source>
   <translation>sur une variable : la décrire, ou l’écarter</translation>
  </message>
  <message>
   <source>on a variable: make groups with it</source>
   <translation>sur une variable : en former des groupes</translation>
  </message>
  <message>
   <source>on which side a value on an edge belongs to the class</source>
   <translation>de quel côté une valeur sur une limite appartient à la classe</translation>
  </message>
  <message>
   <source>once</source>
   <translation>une fois</translation>
  </message>
  <message>
   <source>one and a half</source>
   <translation>une et demie</translation>
  </message>
  <message>
   <source>one column</source>
   <translation>une colonne</translation>
  </message>
  <message>
   <source>one of several values</source>
   <translation>une de plusieurs valeurs</translation>
  </message>
  <message>
   <source>one of them must hold</source>
   <translation>l’une d’elles doit être vraie</translation>
  </message>
  <message>
   <source>one value or another</source>
   <translation>une valeur ou une autre</translation>
  </message>
  <message>
   <source>one {title}</source>
   <translation>{title}</translation>
  </message>
  <message>
   <source>only rows with a partner</source>
   <translation>seulement les lignes appariées</translation>
  </message>
  <message>
   <source>only those above 0</source>
   <translation>seulement ceux au-dessus de 0</translation>
  </message>
  <message>
   <source>only {condition}</source>
   <translation>seulement {condition}</translation>
  </message>
  <message>
   <source>only {value}</source>
   <translation>seulement {value}</translation>
  </message>
  <message>
   <source>open</source>
   <translation>ouverts</translation>
  </message>
  <message>
   <source>open a copy made earlier</source>
   <translation>ouvrez une copie faite plus tôt</translation>
  </message>
  <message>
   <source>open the {n}</source>
   <translation>déplier les {n}</translation>
  </message>
  <message>
   <source>open {number}</source>
   <translation>ouvrir {number}</translation>
  </message>
  <message>
   <source>opening {name}</source>
   <translation>ouverture de {name}</translation>
  </message>
  <message>
   <source>or</source>
   <translation>ou</translation>
  </message>
  <message>
   <source>or read the</source>
   <translation>ou lisez le</translation>
  </message>
  <message>
   <source>order of mentions</source>
   <translation>ordre des mentions</translation>
  </message>
  <message>
   <source>ordered values against those of a normal distribution</source>
   <translation>valeurs ordonnées face à celles d’une loi normale</translation>
  </message>
  <message>
   <source>ordinal</source>
   <translation>ordinale</translation>
  </message>
  <message>
   <source>others</source>
   <translation>autres</translation>
  </message>
  <message>
   <source>outliers</source>
   <translation>valeurs aberrantes</translation>
  </message>
  <message>
   <source>over each other</source>
   <translation>l’un sur l’autre</translation>
  </message>
  <message>
   <source>own notes again</source>
   <translation>retour à ses propres notes</translation>
  </message>
  <message>
   <source>own title again</source>
   <translation>retour à son propre titre</translation>
  </message>
  <message>
   <source>own {words} again</source>
   <translation>retour à son propre {words}</translation>
  </message>
  <message>
   <source>p alone</source>
   <translation>p seul</translation>
  </message>
  <message>
   <source>p was {was} and is {now}, now below {level}</source>
   <translation>p était de {was} et vaut {now}, maintenant au-dessous de {level}</translation>
  </message>
  <message>
   <source>p was {was} and is {now}, now not below {level}</source>
   <translation>p était de {was} et vaut {now}, qui n’est plus au-dessous de {level}</translation>
  </message>
  <message>
   <source>p-values adjusted for the number of tests</source>
   <translation>valeurs p ajustées au nombre de tests</translation>
  </message>
  <message>
   <source>pairwise</source>
   <translation>par paires</translation>
  </message>
  <message>
   <source>parts the cases exactly as {name} does.</source>
   <translation>partage les cas exactement comme {name}.</translation>
  </message>
  <message>
   <source>percent</source>
   <translation>pour cent</translation>
  </message>
  <message>
   <source>percentage</source>
   <translation>pourcentage</translation>
  </message>
  <message>
   <source>percentages</source>
   <translation>pourcentages</translation>
  </message>
  <message>
   <source>percentiles of any share, as columns of their own</source>
   <translation>centiles de toute part, en colonnes propres</translation>
  </message>
  <message>
   <source>personal</source>
   <translation>personnelle</translation>
  </message>
  <message>
   <source>personal: its values are not shown</source>
   <translation>personnelle : ses valeurs ne sont pas montrées</translation>
  </message>
  <message>
   <source>persons are counted, not their rows</source>
   <translation>les personnes sont comptées, non leurs lignes</translation>
  </message>
  <message>
   <source>places one under the other, values to the right</source>
   <translation>places l’une sous l’autre, valeurs à droite</translation>
  </message>
  <message>
   <source>point</source>
   <translation>point</translation>
  </message>
  <message>
   <source>point by point</source>
   <translation>point par point</translation>
  </message>
  <message>
   <source>printed</source>
   <translation>imprimé</translation>
  </message>
  <message>
   <source>prints as </source>
   <translation>s’imprime </translation>
  </message>
  <message>
   <source>proportion</source>
   <translation>part</translation>
  </message>
  <message>
   <source>quantile plot</source>
   <translation>diagramme des quantiles</translation>
  </message>
  <message>
   <source>quarter</source>
   <translation>trimestre</translation>
  </message>
  <message>
   <source>quarter of the year</source>
   <translation>trimestre de l’année</translation>
  </message>
  <message>
   <source>quarters, read as their first days.</source>
   <translation>des trimestres, lus comme leur premier jour.</translation>
  </message>
  <message>
   <source>quartiles</source>
   <translation>quartiles</translation>
  </message>
  <message>
   <source>quartiles, whiskers and far cases</source>
   <translation>quartiles, moustaches et cas éloignés</translation>
  </message>
  <message>
   <source>r with rest</source>
   <translation>r avec le reste</translation>
  </message>
  <message>
   <source>range</source>
   <translation>étendue</translation>
  </message>
  <message>
   <source>rank</source>
   <translation>rang</translation>
  </message>
  <message>
   <source>rank among all cases; ties share their mean rank</source>
   <translation>rang parmi tous les cas ; les égaux partagent leur rang moyen</translation>
  </message>
  <message>
   <source>read again</source>
   <translation>relire</translation>
  </message>
  <message>
   <source>read differently</source>
   <translation>lire autrement</translation>
  </message>
  <message>
   <source>read half the limit</source>
   <translation>lire la moitié de la limite</translation>
  </message>
  <message>
   <source>read with another {setting}</source>
   <translation>lire avec un autre choix : {setting}</translation>
  </message>
  <message>
   <source>read {n:,} as decimals</source>
   <translation>lire {n:,} comme décimaux</translation>
  </message>
  <message>
   <source>read {n:,} as the numbers in them</source>
   <translation>lire {n:,} comme les nombres qu’ils contiennent</translation>
  </message>
  <message>
   <source>read {n:,} as their limits</source>
   <translation>lire {n:,} comme leurs limites</translation>
  </message>
  <message>
   <source>read {name} again</source>
   <translation>relire {name}</translation>
  </message>
  <message>
   <source>read “{text}” as {value}</source>
   <translation>lire « {text} » comme {value}</translation>
  </message>
  <message>
   <source>reading changed files</source>
   <translation>lecture des fichiers modifiés</translation>
  </message>
  <message>
   <source>reading the cells</source>
   <translation>lecture des cellules</translation>
  </message>
  <message>
   <source>reading {name}</source>
   <translation>lecture de {name}</translation>
  </message>
  <message>
   <source>receptive_pre and receptive_post are one measure on two occasions: leave the ending out.</source>
   <translation>receptive_pre et receptive_post sont une mesure à deux moments : omettez la terminaison.</translation>
  </message>
  <message>
   <source>recode</source>
   <translation>recoder</translation>
  </message>
  <message>
   <source>refers to an exhibit that is gone</source>
   <translation>renvoie à un élément qui n’existe plus</translation>
  </message>
  <message>
   <source>refers to an exhibit that is not in the study any more</source>
   <translation>renvoie à un élément qui n’est plus dans l’étude</translation>
  </message>
  <message>
   <source>refers to what is gone</source>
   <translation>renvoie à ce qui n’existe plus</translation>
  </message>
  <message>
   <source>refreshing {name}</source>
   <translation>actualisation de {name}</translation>
  </message>
  <message>
   <source>relate by ranks</source>
   <translation>mettre en relation par les rangs</translation>
  </message>
  <message>
   <source>remote values</source>
   <translation>valeurs éloignées</translation>
  </message>
  <message>
   <source>remove</source>
   <translation>supprimer</translation>
  </message>
  <message>
   <source>remove {name}</source>
   <translation>supprimer {name}</translation>
  </message>
  <message>
   <source>repeated rows and identifiers</source>
   <translation>lignes et identifiants répétés</translation>
  </message>
  <message>
   <source>repeats a table</source>
   <translation>répète un tableau</translation>
  </message>
  <message>
   <source>report…</source>
   <translation>rapport…</translation>
  </message>
  <message>
   <source>results text</source>
   <translation>texte des résultats</translation>
  </message>
  <message>
   <source>reverse</source>
   <translation>retourner</translation>
  </message>
  <message>
   <source>review</source>
   <translation>passer en revue</translation>
  </message>
  <message>
   <source>right</source>
   <translation>à droite</translation>
  </message>
  <message>
   <source>risk ratio</source>
   <translation>rapport de risques</translation>
  </message>
  <message>
   <source>robust z</source>
   <translation>z robuste</translation>
  </message>
  <message>
   <source>round( ) takes a whole number of decimals from −{most_digits} to {most_digits}.</source>
   <translation>round( ) prend un nombre entier de décimales de −{most_digits} à {most_digits}.</translation>
  </message>
  <message>
   <source>rounded, halves to the even digit</source>
   <translation>arrondi, les moitiés au chiffre pair</translation>
  </message>
  <message>
   <source>row</source>
   <translation>ligne</translation>
  </message>
  <message>
   <source>row of names</source>
   <translation>ligne des noms</translation>
  </message>
  <message>
   <source>row {case}</source>
   <translation>ligne {case}</translation>
  </message>
  <message>
   <source>row {row}</source>
   <translation>ligne {row}</translation>
  </message>
  <message>
   <source>rows</source>
   <translation>lignes</translation>
  </message>
  <message>
   <source>rows that are no cases</source>
   <translation>lignes qui ne sont pas des cas</translation>
  </message>
  <message>
   <source>rows: {roles}</source>
   <translation>lignes : {roles}</translation>
  </message>
  <message>
   <source>sample</source>
   <translation>échantillon</translation>
  </message>
  <message>
   <source>save its table as delimited text (.csv) or as a workbook (.xlsx, .ods)</source>
   <translation>enregistrez-en les données comme texte à séparateurs (.csv) ou comme classeur (.xlsx, .ods)</translation>
  </message>
  <message>
   <source>say anew</source>
   <translation>redire</translation>
  </message>
  <message>
   <source>say anew what no longer holds</source>
   <translation>redire ce qui n’est plus vrai</translation>
  </message>
  <message>
   <source>say how many cases every row stands for</source>
   <translation>dire combien de cas chaque ligne représente</translation>
  </message>
  <message>
   <source>say the same as another, or almost ({names}).</source>
   <translation>disent la même chose qu’une autre, ou presque ({names}).</translation>
  </message>
  <message>
   <source>say the {role} of every row</source>
   <translation>dire {role} de chaque ligne</translation>
  </message>
  <message>
   <source>say what a row is</source>
   <translation>dire ce qu’est une ligne</translation>
  </message>
  <message>
   <source>says</source>
   <translation>l’indique</translation>
  </message>
  <message>
   <source>says almost the same as {name} (r = {r}).</source>
   <translation>dit presque la même chose que {name} (r = {r}).</translation>
  </message>
  <message>
   <source>scatters of several variables with each other</source>
   <translation>nuages de points de plusieurs variables entre elles</translation>
  </message>
  <message>
   <source>seconds</source>
   <translation>secondes</translation>
  </message>
  <message>
   <source>see it set on paper, keep it.</source>
   <translation>voyez-le composé sur papier, gardez-le.</translation>
  </message>
  <message>
   <source>semicolon</source>
   <translation>point-virgule</translation>
  </message>
  <message>
   <source>serial numbers of a spreadsheet, read as dates ({number} is {day}).</source>
   <translation>numéros de série d’un tableur, lus comme dates ({number} est {day}).</translation>
  </message>
  <message>
   <source>set all of them missing</source>
   <translation>les rendre tous manquants</translation>
  </message>
  <message>
   <source>set aside</source>
   <translation>mettre de côté</translation>
  </message>
  <message>
   <source>set it and what follows aside</source>
   <translation>la mettre de côté avec ce qui suit</translation>
  </message>
  <message>
   <source>set it on paper</source>
   <translation>mettre sur le papier</translation>
  </message>
  <message>
   <source>set missing</source>
   <translation>rendre manquant</translation>
  </message>
  <message>
   <source>set the cases shown aside</source>
   <translation>mettre de côté les cas montrés</translation>
  </message>
  <message>
   <source>set the house style</source>
   <translation>fixer le style maison</translation>
  </message>
  <message>
   <source>set the later ones aside</source>
   <translation>mettre de côté les suivants</translation>
  </message>
  <message>
   <source>set the repeats aside</source>
   <translation>mettre de côté les répétitions</translation>
  </message>
  <message>
   <source>set these cases aside</source>
   <translation>mettre ces cas de côté</translation>
  </message>
  <message>
   <source>set {name} missing</source>
   <translation>rendre {name} manquant</translation>
  </message>
  <message numerus="yes">
   <source>set {n} [case|cases] aside</source>
   <translation>
    <numerusform>mettre {n} cas de côté</numerusform>
    <numerusform>mettre {n} cas de côté</numerusform>
   </translation>
  </message>
  <message>
   <source>shapes</source>
   <translation>formes</translation>
  </message>
  <message>
   <source>share of the variance that lies between persons</source>
   <translation>part de la variance entre personnes</translation>
  </message>
  <message>
   <source>shares of a whole, to 100 %</source>
   <translation>parts d’un tout, jusqu’à 100 %</translation>
  </message>
  <message>
   <source>sheet</source>
   <translation>feuille</translation>
  </message>
  <message>
   <source>sheet {name}</source>
   <translation>feuille {name}</translation>
  </message>
  <message>
   <source>show cases</source>
   <translation>montrer les cas</translation>
  </message>
  <message>
   <source>show its case</source>
   <translation>montrer son cas</translation>
  </message>
  <message>
   <source>show its {n:,} cases</source>
   <translation>montrer ses {n:,} cas</translation>
  </message>
  <message>
   <source>show row {case}</source>
   <translation>montrer la ligne {case}</translation>
  </message>
  <message>
   <source>show the cases  Ctrl+D</source>
   <translation>montrer les cas  Ctrl+D</translation>
  </message>
  <message numerus="yes">
   <source>show {n:,} [case|cases]</source>
   <translation>
    <numerusform>montrer {n:,} cas</numerusform>
    <numerusform>montrer {n:,} cas</numerusform>
   </translation>
  </message>
  <message>
   <source>significance</source>
   <translation>significativité</translation>
  </message>
  <message>
   <source>signs for “about” before its numbers were left out.</source>
   <translation>les signes d’approximation devant les nombres ont été laissés de côté.</translation>
  </message>
  <message>
   <source>single quotes</source>
   <translation>guillemets simples</translation>
  </message>
  <message>
   <source>size of difference</source>
   <translation>ampleur de la différence</translation>
  </message>
  <message>
   <source>skewness</source>
   <translation>asymétrie</translation>
  </message>
  <message>
   <source>skewness over its standard error</source>
   <translation>asymétrie sur son erreur standard</translation>
  </message>
  <message>
   <source>small counts</source>
   <translation>petits effectifs</translation>
  </message>
  <message>
   <source>small groups</source>
   <translation>petits groupes</translation>
  </message>
  <message>
   <source>smallest and largest</source>
   <translation>plus petite et plus grande</translation>
  </message>
  <message>
   <source>smallest value</source>
   <translation>plus petite valeur</translation>
  </message>
  <message>
   <source>smallest value over variables of the same case</source>
   <translation>plus petite valeur sur des variables du même cas</translation>
  </message>
  <message>
   <source>smooth</source>
   <translation>lisse</translation>
  </message>
  <message>
   <source>so many classes of equal width</source>
   <translation>tant de classes de même largeur</translation>
  </message>
  <message>
   <source>so many neighbouring points of a line together</source>
   <translation>tant de points voisins d’une ligne ensemble</translation>
  </message>
  <message>
   <source>so many of the most frequent values, and the rest together</source>
   <translation>tant des valeurs les plus fréquentes, et le reste ensemble</translation>
  </message>
  <message>
   <source>software</source>
   <translation>logiciel</translation>
  </message>
  <message>
   <source>sorting the cases</source>
   <translation>tri des cas</translation>
  </message>
  <message>
   <source>sources, one below the other</source>
   <translation>sources, l’une sous l’autre</translation>
  </message>
  <message>
   <source>space</source>
   <translation>espace</translation>
  </message>
  <message>
   <source>spaces beside quotes</source>
   <translation>espaces à côté des guillemets</translation>
  </message>
  <message>
   <source>spellings</source>
   <translation>orthographes</translation>
  </message>
  <message>
   <source>split by {category}</source>
   <translation>séparer selon {category}</translation>
  </message>
  <message>
   <source>split by {name}</source>
   <translation>séparer selon {name}</translation>
  </message>
  <message>
   <source>spread by {name}</source>
   <translation>étalés selon {name}</translation>
  </message>
  <message>
   <source>square root</source>
   <translation>racine carrée</translation>
  </message>
  <message>
   <source>stacked</source>
   <translation>empilés</translation>
  </message>
  <message>
   <source>standard deviation</source>
   <translation>écart-type</translation>
  </message>
  <message>
   <source>standard deviation, n − 1</source>
   <translation>écart-type, n − 1</translation>
  </message>
  <message>
   <source>standard error</source>
   <translation>erreur standard</translation>
  </message>
  <message>
   <source>standard error of the kurtosis</source>
   <translation>erreur standard de l’aplatissement</translation>
  </message>
  <message>
   <source>standard error of the mean</source>
   <translation>erreur standard de la moyenne</translation>
  </message>
  <message>
   <source>standard error of the skewness</source>
   <translation>erreur standard de l’asymétrie</translation>
  </message>
  <message>
   <source>stands {often} among the values of {names}: no answer rather than an answer?</source>
   <translation>figure {often} parmi les valeurs de {names} : une absence de réponse plutôt qu’une réponse ?</translation>
  </message>
  <message>
   <source>stands {often} in {names} and counts as missing.</source>
   <translation>figure {often} dans {names} et compte comme manquant.</translation>
  </message>
  <message>
   <source>stands {often} in {names}, far from all other values: a code for “no answer”?</source>
   <translation>figure {often} dans {names}, loin de toutes les autres valeurs : un code pour « sans réponse » ?</translation>
  </message>
  <message>
   <source>statistics and settings</source>
   <translation>statistiques et réglages</translation>
  </message>
  <message>
   <source>statistics in rows</source>
   <translation>statistiques en lignes</translation>
  </message>
  <message>
   <source>steps</source>
   <translation>marches</translation>
  </message>
  <message>
   <source>stop reading</source>
   <translation>arrêter la lecture</translation>
  </message>
  <message>
   <source>straight</source>
   <translation>droite</translation>
  </message>
  <message>
   <source>strata</source>
   <translation>strates</translation>
  </message>
  <message>
   <source>strata by {title}</source>
   <translation>strates selon {title}</translation>
  </message>
  <message>
   <source>sum</source>
   <translation>somme</translation>
  </message>
  <message>
   <source>sum over variables of the same case</source>
   <translation>somme sur des variables du même cas</translation>
  </message>
  <message>
   <source>sums</source>
   <translation>sommes</translation>
  </message>
  <message>
   <source>tab</source>
   <translation>tabulation</translation>
  </message>
  <message>
   <source>table {name}</source>
   <translation>table {name}</translation>
  </message>
  <message>
   <source>take away</source>
   <translation>ôter</translation>
  </message>
  <message>
   <source>take back</source>
   <translation>reprendre</translation>
  </message>
  <message>
   <source>take back a correction</source>
   <translation>reprendre une correction</translation>
  </message>
  <message>
   <source>take in again</source>
   <translation>réintégrer</translation>
  </message>
  <message>
   <source>take in {names}</source>
   <translation>réintégrer {names}</translation>
  </message>
  <message>
   <source>take it out of the manuscript</source>
   <translation>le retirer du manuscrit</translation>
  </message>
  <message>
   <source>take out</source>
   <translation>retirer</translation>
  </message>
  <message>
   <source>take out a source</source>
   <translation>retirer une source</translation>
  </message>
  <message>
   <source>take the spaces out</source>
   <translation>ôter les espaces</translation>
  </message>
  <message>
   <source>taken out of the document, stays away</source>
   <translation>retiré du document, le reste</translation>
  </message>
  <message>
   <source>telephone numbers</source>
   <translation>numéros de téléphone</translation>
  </message>
  <message>
   <source>test by ranks</source>
   <translation>tester par les rangs</translation>
  </message>
  <message>
   <source>text</source>
   <translation>texte</translation>
  </message>
  <message>
   <source>text among numbers</source>
   <translation>texte parmi les nombres</translation>
  </message>
  <message>
   <source>the O of “{word}” may be east (German) or west (French, Spanish); it was left as text.</source>
   <translation>le O de « {word} » peut être l’est (allemand) ou l’ouest (français, espagnol) ; laissé en texte.</translation>
  </message>
  <message>
   <source>the codebook</source>
   <translation>le dictionnaire</translation>
  </message>
  <message>
   <source>the counts that independence would give</source>
   <translation>les effectifs que donnerait l’indépendance</translation>
  </message>
  <message>
   <source>the curve over the bars</source>
   <translation>la courbe sur les barres</translation>
  </message>
  <message>
   <source>the cuts of bands( ) stand in ascending order, each once.</source>
   <translation>les coupures de bands( ) sont en ordre croissant, chacune une fois.</translation>
  </message>
  <message>
   <source>the data of this study are damaged.</source>
   <translation>les données de cette étude sont endommagées.</translation>
  </message>
  <message>
   <source>the data of this study cannot be understood.</source>
   <translation>les données de cette étude sont incompréhensibles.</translation>
  </message>
  <message>
   <source>the description of data</source>
   <translation>la description des données</translation>
  </message>
  <message>
   <source>the difference from the norm and its p are shown</source>
   <translation>l’écart à la norme et son p sont déjà montrés</translation>
  </message>
  <message>
   <source>the disk is full</source>
   <translation>le disque est plein</translation>
  </message>
  <message>
   <source>the document does not remember what stood there; “--again” exchanges it</source>
   <translation>le document ne se souvient plus de ce qui était là ; « --again » l’échange</translation>
  </message>
  <message>
   <source>the figure</source>
   <translation>la figure</translation>
  </message>
  <message>
   <source>the figure as it is now</source>
   <translation>la figure telle qu’elle est maintenant</translation>
  </message>
  <message>
   <source>the gravest first, or in the order of the variables</source>
   <translation>le plus grave d’abord, ou dans l’ordre des variables</translation>
  </message>
  <message>
   <source>the house style</source>
   <translation>le style maison</translation>
  </message>
  <message>
   <source>the level of confidence intervals and bands</source>
   <translation>le niveau des intervalles de confiance et des bandes</translation>
  </message>
  <message>
   <source>the limits of the classes, all of them</source>
   <translation>les limites des classes, toutes</translation>
  </message>
  <message>
   <source>the marks of Istrel’s numbers are gone, a program that saved it drops them; what moved is named, not exchanged</source>
   <translation>les marques des nombres d’Istrel manquent, un programme qui l’a enregistré les supprime ; ce qui a changé est nommé, pas échangé</translation>
  </message>
  <message>
   <source>the middle of its scale</source>
   <translation>le milieu de son échelle</translation>
  </message>
  <message>
   <source>the note says the test unasked</source>
   <translation>la note donne le test sans qu’on le demande</translation>
  </message>
  <message>
   <source>the opposite</source>
   <translation>le contraire</translation>
  </message>
  <message>
   <source>the order of the values; of a heat map, its variables as they are alike</source>
   <translation>l’ordre des valeurs ; d’une carte de chaleur, ses variables selon leur ressemblance</translation>
  </message>
  <message>
   <source>the other side: columns of a cross-table, or the one variable to rank against</source>
   <translation>l’autre côté : les colonnes d’un tableau croisé, ou la seule variable à laquelle se mesurer</translation>
  </message>
  <message>
   <source>the page</source>
   <translation>la page</translation>
  </message>
  <message>
   <source>the paper</source>
   <translation>l’article</translation>
  </message>
  <message>
   <source>the paragraph reads otherwise in the document, or its numbers are others now</source>
   <translation>le paragraphe se lit autrement dans le document, ou ses nombres ont changé</translation>
  </message>
  <message>
   <source>the paragraph written last</source>
   <translation>le dernier paragraphe écrit</translation>
  </message>
  <message>
   <source>the pasted cells</source>
   <translation>les cellules collées</translation>
  </message>
  <message>
   <source>the period whose means are the points of a line</source>
   <translation>la période dont les moyennes sont les points d’une ligne</translation>
  </message>
  <message>
   <source>the shape of distributions: normality; the items of a scale</source>
   <translation>la forme des distributions : normalité ; les items d’une échelle</translation>
  </message>
  <message>
   <source>the share of cases up to each value</source>
   <translation>la part des cas jusqu’à chaque valeur</translation>
  </message>
  <message>
   <source>the share of values that a trimmed mean leaves out at each end</source>
   <translation>la part des valeurs qu’une moyenne tronquée omet à chaque bout</translation>
  </message>
  <message>
   <source>the source in use</source>
   <translation>la source utilisée</translation>
  </message>
  <message>
   <source>the study</source>
   <translation>l’étude</translation>
  </message>
  <message>
   <source>the table in the document has another shape</source>
   <translation>le tableau du document a une autre forme</translation>
  </message>
  <message>
   <source>the table lay on its side, a case in each column, and was turned. To read it as it stands, put its names in row 1.</source>
   <translation>le tableau était couché, un cas dans chaque colonne, et a été tourné. Pour le lire tel qu’il est, placez ses noms à la ligne 1.</translation>
  </message>
  <message>
   <source>the type of quantile, after Hyndman and Fan</source>
   <translation>le type de quantile, d’après Hyndman et Fan</translation>
  </message>
  <message>
   <source>the variables do not have the same answers</source>
   <translation>les variables n’ont pas les mêmes réponses</translation>
  </message>
  <message>
   <source>the variables that make the groups</source>
   <translation>les variables qui forment les groupes</translation>
  </message>
  <message>
   <source>the width of the classes</source>
   <translation>la largeur des classes</translation>
  </message>
  <message>
   <source>there are no variables in it (“var” within “dataDscr”), so it is no codebook of an archive.</source>
   <translation>il n’y a pas de variables (« var » dans « dataDscr ») : ce n’est pas le dictionnaire d’une archive.</translation>
  </message>
  <message>
   <source>there are no “columns” in its “tableSchema”.</source>
   <translation>il n’y a pas de « columns » dans « tableSchema ».</translation>
  </message>
  <message>
   <source>there are {count} of them, and a page holds {most}</source>
   <translation>il y en a {count}, et une page en tient {most}</translation>
  </message>
  <message>
   <source>there is no Table Schema in it: a list of “fields”, each with a “name”.</source>
   <translation>il n’y a pas de Table Schema : une liste « fields », chacun avec un « name ».</translation>
  </message>
  <message>
   <source>these frequencies are of groups</source>
   <translation>ces effectifs sont de groupes</translation>
  </message>
  <message>
   <source>thin space</source>
   <translation>espace fine</translation>
  </message>
  <message>
   <source>third quartile</source>
   <translation>troisième quartile</translation>
  </message>
  <message>
   <source>this document</source>
   <translation>ce document</translation>
  </message>
  <message>
   <source>this format has no tracked changes for rows; without “--tracked” the table comes whole</source>
   <translation>ce format n’a pas de suivi des modifications pour les lignes ; sans « --tracked » le tableau vient en entier</translation>
  </message>
  <message>
   <source>this is no Data Package and no Table Schema.</source>
   <translation>ce n’est ni un Data Package ni un Table Schema.</translation>
  </message>
  <message>
   <source>this is no sound JSON.</source>
   <translation>ce n’est pas du JSON valide.</translation>
  </message>
  <message>
   <source>this is no sound XML ({why}).</source>
   <translation>ce n’est pas du XML valide ({why}).</translation>
  </message>
  <message>
   <source>this is no table ({error}).</source>
   <translation>ce ne sont pas des lignes et des colonnes ({error}).</translation>
  </message>
  <message>
   <source>this part leaves the sentence</source>
   <translation>cette partie quitte la phrase</translation>
  </message>
  <message>
   <source>this study cannot be understood.</source>
   <translation>cette étude est incompréhensible.</translation>
  </message>
  <message>
   <source>this table has lost its mark, so it was left as it is</source>
   <translation>ce tableau a perdu sa marque, il est donc resté tel quel</translation>
  </message>
  <message>
   <source>thousandths of seconds</source>
   <translation>millièmes de seconde</translation>
  </message>
  <message>
   <source>tiles of fewer cases are left white</source>
   <translation>les carreaux de moins de cas restent blancs</translation>
  </message>
  <message>
   <source>times of day are kept as they stand; their zone ({zones}) is not.</source>
   <translation>les heures sont gardées telles quelles ; leur fuseau ({zones}) ne l’est pas.</translation>
  </message>
  <message>
   <source>times of day are those of {zone}.</source>
   <translation>les heures sont celles de {zone}.</translation>
  </message>
  <message>
   <source>times of day, read as hours</source>
   <translation>des heures du jour, lues en heures</translation>
  </message>
  <message>
   <source>title</source>
   <translation>titre</translation>
  </message>
  <message>
   <source>to the main text</source>
   <translation>vers le texte principal</translation>
  </message>
  <message>
   <source>to the supplement</source>
   <translation>vers le supplément</translation>
  </message>
  <message>
   <source>to {value}</source>
   <translation>à {value}</translation>
  </message>
  <message>
   <source>treat as binary</source>
   <translation>traiter comme binaire</translation>
  </message>
  <message>
   <source>treat as identifier</source>
   <translation>traiter comme identifiant</translation>
  </message>
  <message>
   <source>treat as missing</source>
   <translation>traiter comme manquant</translation>
  </message>
  <message>
   <source>treat as nominal</source>
   <translation>traiter comme nominale</translation>
  </message>
  <message>
   <source>treat as ordinal</source>
   <translation>traiter comme ordinale</translation>
  </message>
  <message>
   <source>treat the rest as missing</source>
   <translation>traiter le reste comme manquant</translation>
  </message>
  <message>
   <source>treat {codes} as missing</source>
   <translation>traiter {codes} comme manquant</translation>
  </message>
  <message>
   <source>treat {code} as missing</source>
   <translation>traiter {code} comme manquant</translation>
  </message>
  <message>
   <source>treat {shown} as missing</source>
   <translation>traiter {shown} comme manquant</translation>
  </message>
  <message>
   <source>treat “{word}” as missing</source>
   <translation>traiter « {word} » comme manquant</translation>
  </message>
  <message>
   <source>trimmed M</source>
   <translation>M tronquée</translation>
  </message>
  <message>
   <source>turned</source>
   <translation>tourné</translation>
  </message>
  <message>
   <source>twice</source>
   <translation>deux fois</translation>
  </message>
  <message>
   <source>two</source>
   <translation>deux</translation>
  </message>
  <message>
   <source>two values at which the axis across ends; nothing that is drawn lies beyond</source>
   <translation>deux valeurs où l’axe s’arrête en largeur ; rien de dessiné ne les dépasse</translation>
  </message>
  <message>
   <source>two values at which the axis upwards ends; nothing that is drawn lies beyond</source>
   <translation>deux valeurs où l’axe s’arrête en hauteur ; rien de dessiné ne les dépasse</translation>
  </message>
  <message>
   <source>two values beyond which nothing can lie; the curve is reflected there</source>
   <translation>deux valeurs au-delà desquelles rien ne peut être ; la courbe y est réfléchie</translation>
  </message>
  <message>
   <source>two variables, case by case or as a plane of counts</source>
   <translation>deux variables, cas par cas ou comme plan d’effectifs</translation>
  </message>
  <message>
   <source>type 6</source>
   <translation>type 6</translation>
  </message>
  <message>
   <source>type 7</source>
   <translation>type 7</translation>
  </message>
  <message>
   <source>type 8</source>
   <translation>type 8</translation>
  </message>
  <message>
   <source>typed by hand</source>
   <translation>écrit à la main</translation>
  </message>
  <message>
   <source>typed number</source>
   <translation>nombre écrit</translation>
  </message>
  <message>
   <source>undo it</source>
   <translation>l’annuler</translation>
  </message>
  <message>
   <source>unit</source>
   <translation>unité</translation>
  </message>
  <message>
   <source>upper limit of the confidence interval of the mean</source>
   <translation>limite supérieure de l’intervalle de confiance de la moyenne</translation>
  </message>
  <message>
   <source>upper limit of the confidence interval of the median</source>
   <translation>limite supérieure de l’intervalle de confiance de la médiane</translation>
  </message>
  <message>
   <source>upper limit of the interval of the ICC</source>
   <translation>limite supérieure de l’intervalle de l’ICC</translation>
  </message>
  <message>
   <source>upwards</source>
   <translation>en hauteur</translation>
  </message>
  <message>
   <source>use another source</source>
   <translation>utiliser une autre source</translation>
  </message>
  <message>
   <source>use medians</source>
   <translation>utiliser les médianes</translation>
  </message>
  <message>
   <source>usual</source>
   <translation>habituel</translation>
  </message>
  <message>
   <source>valid</source>
   <translation>valides</translation>
  </message>
  <message>
   <source>value labels are written “1 = primary | 2 = secondary”; “{part}” is not.</source>
   <translation>les étiquettes de valeurs s’écrivent « 1 = primary | 2 = secondary » ; pas « {part} ».</translation>
  </message>
  <message>
   <source>value labels of {names}</source>
   <translation>étiquettes de valeurs de {names}</translation>
  </message>
  <message>
   <source>value of {name}</source>
   <translation>valeur de {name}</translation>
  </message>
  <message>
   <source>values beyond the fences and their cases</source>
   <translation>valeurs au-delà des barrières et leurs cas</translation>
  </message>
  <message>
   <source>values exchanged for others</source>
   <translation>valeurs échangées contre d’autres</translation>
  </message>
  <message>
   <source>values of a measured variable in classes (yes), or one by one (no)</source>
   <translation>valeurs d’une variable mesurée en classes (oui), ou une à une (non)</translation>
  </message>
  <message>
   <source>values over time, or means per period</source>
   <translation>valeurs au fil du temps, ou moyennes par période</translation>
  </message>
  <message>
   <source>values to spread</source>
   <translation>valeurs à étaler</translation>
  </message>
  <message>
   <source>variables in columns</source>
   <translation>variables en colonnes</translation>
  </message>
  <message>
   <source>variables that become rows</source>
   <translation>variables qui deviennent des lignes</translation>
  </message>
  <message>
   <source>variables that hardly vary</source>
   <translation>variables qui ne varient guère</translation>
  </message>
  <message>
   <source>variance, n − 1</source>
   <translation>variance, n − 1</translation>
  </message>
  <message>
   <source>week</source>
   <translation>semaine</translation>
  </message>
  <message>
   <source>weekday</source>
   <translation>jour de la semaine</translation>
  </message>
  <message>
   <source>weeks, read as their first days (Mondays).</source>
   <translation>des semaines, lues comme leur premier jour (lundi).</translation>
  </message>
  <message>
   <source>weigh every row</source>
   <translation>pondérer chaque ligne</translation>
  </message>
  <message>
   <source>weight the rows by {name}</source>
   <translation>pondérer les lignes par {name}</translation>
  </message>
  <message>
   <source>weighted by {title}</source>
   <translation>pondéré par {title}</translation>
  </message>
  <message>
   <source>what fits</source>
   <translation>ce qui convient</translation>
  </message>
  <message>
   <source>what is marked and named</source>
   <translation>ce qui est marqué et nommé</translation>
  </message>
  <message>
   <source>what is taken out of both variables (partial correlation)</source>
   <translation>ce qui est ôté des deux variables (corrélation partielle)</translation>
  </message>
  <message>
   <source>what it looks like</source>
   <translation>à quoi cela ressemble</translation>
  </message>
  <message>
   <source>what means no answer?</source>
   <translation>qu’est-ce qui veut dire sans réponse ?</translation>
  </message>
  <message>
   <source>what of it</source>
   <translation>ce qu’on en prend</translation>
  </message>
  <message>
   <source>what stands beside its numbers (“{word}”) is not known as a unit; it was left as text.</source>
   <translation>ce qui accompagne les nombres (« {word} ») n’est pas une unité connue ; la colonne est restée du texte.</translation>
  </message>
  <message>
   <source>what stands beside its numbers differs (“{one}”, “{other}”); it was left as text.</source>
   <translation>ce qui accompagne les nombres diffère (« {one} », « {other} ») ; la colonne est restée du texte.</translation>
  </message>
  <message>
   <source>what tells the rows of a case apart</source>
   <translation>ce qui distingue les lignes d’un cas</translation>
  </message>
  <message>
   <source>what the height of a bar is</source>
   <translation>ce qu’est la hauteur d’une barre</translation>
  </message>
  <message>
   <source>what the interval around a mean is</source>
   <translation>ce qu’est l’intervalle autour d’une moyenne</translation>
  </message>
  <message>
   <source>what the percentages of a cross-table are of</source>
   <translation>de quoi sont les pourcentages d’un tableau croisé</translation>
  </message>
  <message>
   <source>what was measured</source>
   <translation>ce qui a été mesuré</translation>
  </message>
  <message>
   <source>where the first class begins</source>
   <translation>où commence la première classe</translation>
  </message>
  <message>
   <source>where values are missing, case by case</source>
   <translation>où manquent des valeurs, cas par cas</translation>
  </message>
  <message>
   <source>where whiskers end</source>
   <translation>où s’arrêtent les moustaches</translation>
  </message>
  <message>
   <source>whether chance explains the difference between the groups; yes follows the statistics asked for</source>
   <translation>si le hasard explique la différence entre les groupes ; oui suit les statistiques demandées</translation>
  </message>
  <message>
   <source>which coefficient of correlation</source>
   <translation>quel coefficient de corrélation</translation>
  </message>
  <message>
   <source>which statistics the table shows, and in which order</source>
   <translation>quelles statistiques le tableau montre, et dans quel ordre</translation>
  </message>
  <message>
   <source>which tests of normality the table shows</source>
   <translation>quels tests de normalité le tableau montre</translation>
  </message>
  <message>
   <source>whole numbers</source>
   <translation>nombres entiers</translation>
  </message>
  <message>
   <source>with</source>
   <translation>avec</translation>
  </message>
  <message>
   <source>with the other exhibits</source>
   <translation>avec les autres éléments</translation>
  </message>
  <message>
   <source>with {label}</source>
   <translation>avec {label}</translation>
  </message>
  <message>
   <source>with “{text}”</source>
   <translation>avec « {text} »</translation>
  </message>
  <message>
   <source>within the fences</source>
   <translation>dans les barrières</translation>
  </message>
  <message>
   <source>without a value</source>
   <translation>sans valeur</translation>
  </message>
  <message>
   <source>without it {without:.6g}</source>
   <translation>sans elle {without:.6g}</translation>
  </message>
  <message>
   <source>words may no longer hold</source>
   <translation>des mots ne sont peut-être plus vrais</translation>
  </message>
  <message>
   <source>words may no longer hold: {says}</source>
   <translation>des mots ne sont peut-être plus vrais : {says}</translation>
  </message>
  <message>
   <source>words no longer hold</source>
   <translation>des mots ne sont plus vrais</translation>
  </message>
  <message>
   <source>write missing = show</source>
   <translation>écrivez missing = show</translation>
  </message>
  <message>
   <source>write out</source>
   <translation>exporter</translation>
  </message>
  <message>
   <source>write the codebook: as an appendix to print, or as CSV</source>
   <translation>écrire le dictionnaire : comme annexe à imprimer, ou en CSV</translation>
  </message>
  <message>
   <source>writing the codebook</source>
   <translation>écriture du dictionnaire</translation>
  </message>
  <message>
   <source>writing the report</source>
   <translation>écriture du rapport</translation>
  </message>
  <message>
   <source>writing the study</source>
   <translation>écriture de l’étude</translation>
  </message>
  <message>
   <source>writing {name}</source>
   <translation>écriture de {name}</translation>
  </message>
  <message>
   <source>wrong end</source>
   <translation>mauvaise extrémité</translation>
  </message>
  <message>
   <source>wrong group</source>
   <translation>mauvais groupe</translation>
  </message>
  <message>
   <source>year</source>
   <translation>année</translation>
  </message>
  <message>
   <source>year of a date</source>
   <translation>année d’une date</translation>
  </message>
  <message>
   <source>years of an era, those before ours below 0 ({number} for “{word}”).</source>
   <translation>années d’une ère, celles d’avant la nôtre au-dessous de 0 ({number} pour « {word} »).</translation>
  </message>
  <message>
   <source>yes</source>
   <translation>oui</translation>
  </message>
  <message>
   <source>z-score</source>
   <translation>score z</translation>
  </message>
  <message>
   <source>z-score: distance from the mean in standard deviations</source>
   <translation>score z : distance à la moyenne en écarts-types</translation>
  </message>
  <message>
   <source>{above} was above {below}; they are {above_now} and {below_now} now</source>
   <translation>{above} était supérieur à {below} ; ils valent maintenant {above_now} et {below_now}</translation>
  </message>
  <message numerus="yes">
   <source>{cases} in {n:,} [row|rows]</source>
   <translation>
    <numerusform>{cases} en {n:,} ligne</numerusform>
    <numerusform>{cases} en {n:,} lignes</numerusform>
   </translation>
  </message>
  <message>
   <source>{code} no answer</source>
   <translation>{code} sans réponse</translation>
  </message>
  <message>
   <source>{count:,} variables would result, more than {most_new}; choose another variable to tell rows apart.</source>
   <translation>Cela ferait {count:,} variables, plus de {most_new} ; choisissez une autre variable pour distinguer les lignes.</translation>
  </message>
  <message>
   <source>{file} was changed by another program while it was open; the study goes on as “{other}”, and {file} stays.</source>
   <translation>{file} a été modifié par un autre programme pendant qu’il était ouvert ; l’étude continue comme « {other} », et {file} reste.</translation>
  </message>
  <message>
   <source>{file} was taken away while it was open; the study was saved there anew.</source>
   <translation>{file} a été enlevé pendant qu’il était ouvert ; l’étude y a été enregistrée de nouveau.</translation>
  </message>
  <message>
   <source>{file}, line {line}: this is no JSON record.</source>
   <translation>{file}, ligne {line} : ce n’est pas un enregistrement JSON.</translation>
  </message>
  <message numerus="yes">
   <source>{file}, line {line}: {n} [field|fields] where the row of names has {names}. Mend the line, or name the delimiter.</source>
   <translation>
    <numerusform>{file}, ligne {line} : {n} champ là où la ligne des noms en a {names}. Corrigez la ligne, ou nommez le séparateur.</numerusform>
    <numerusform>{file}, ligne {line} : {n} champs là où la ligne des noms en a {names}. Corrigez la ligne, ou nommez le séparateur.</numerusform>
   </translation>
  </message>
  <message>
   <source>{file}, line {number}: a record of more than {size} MB is not read.</source>
   <translation>{file}, ligne {number} : un enregistrement de plus de {size} Mo n’est pas lu.</translation>
  </message>
  <message>
   <source>{file}, line {number}: the record is nested more than {deepest} deep.</source>
   <translation>{file}, ligne {number} : l’enregistrement est imbriqué sur plus de {deepest} niveaux.</translation>
  </message>
  <message>
   <source>{file}: a JSON document of more than 1 GB is not read; save its records one to a line (.jsonl).</source>
   <translation>{file} : un document JSON de plus de 1 Go n’est pas lu ; enregistrez un enregistrement par ligne (.jsonl).</translation>
  </message>
  <message>
   <source>{file}: a document of more than {size} MB is not read.</source>
   <translation>{file} : un document de plus de {size} Mo n’est pas lu.</translation>
  </message>
  <message>
   <source>{file}: a document that is refreshed is a .docx or an .odt.</source>
   <translation>{file} : un document qu’on actualise est un .docx ou un .odt.</translation>
  </message>
  <message>
   <source>{file}: a name in it is not UTF-8 text.</source>
   <translation>{file} : un nom n’y est pas du texte UTF-8.</translation>
  </message>
  <message>
   <source>{file}: a paper that is read is a {names} or {endings}.</source>
   <translation>{file} : un article qu’on lit est un {names} ou {endings}.</translation>
  </message>
  <message>
   <source>{file}: a template is a .docx or an .odt.</source>
   <translation>{file} : un modèle est un .docx ou un .odt.</translation>
  </message>
  <message>
   <source>{file}: a text in it is not UTF-8.</source>
   <translation>{file} : un texte n’y est pas en UTF-8.</translation>
  </message>
  <message>
   <source>{file}: another program is using this study just now; try again.</source>
   <translation>{file} : un autre programme se sert de cette étude ; essayez de nouveau.</translation>
  </message>
  <message>
   <source>{file}: it cannot be read as delimited text: {why}.</source>
   <translation>{file} : impossible à lire comme texte délimité : {why}.</translation>
  </message>
  <message>
   <source>{file}: it cannot be unpacked; it is broken or was cut off.</source>
   <translation>{file} : impossible à décompresser ; le fichier est abîmé ou tronqué.</translation>
  </message>
  <message>
   <source>{file}: it holds {rows:,} rows of {columns:,} columns, more than {most:,} values. Take fewer columns, or set ISTREL_MOST_VALUES to a larger number if the memory is there.</source>
   <translation>{file} : il contient {rows:,} lignes de {columns:,} colonnes, plus de {most:,} valeurs. Prenez moins de colonnes, ou augmentez ISTREL_MOST_VALUES si la mémoire suffit.</translation>
  </message>
  <message>
   <source>{file}: it is nested more than {deepest} deep.</source>
   <translation>{file} : il est imbriqué sur plus de {deepest} niveaux.</translation>
  </message>
  <message>
   <source>{file}: it is packed twice; unpack it, and open the file in it.</source>
   <translation>{file} : il est compressé deux fois ; décompressez-le et ouvrez le fichier qu’il contient.</translation>
  </message>
  <message>
   <source>{file}: it names no table of data (“resources” with a “path”, or a “url”).</source>
   <translation>{file} : il ne nomme pas de données (« resources » avec un « path », ou une « url »).</translation>
  </message>
  <message>
   <source>{file}: it unpacks to more than {size:.1f} GB, which is more than a packed table may.</source>
   <translation>{file} : décompressé, il dépasse {size:.1f} Go, plus que ce qui est permis.</translation>
  </message>
  <message>
   <source>{file}: its part {name} is too large to be read.</source>
   <translation>{file} : sa partie {name} est trop grande pour être lue.</translation>
  </message>
  <message>
   <source>{file}: its table “{place}” does not stand beside it, and nothing is fetched; open a copy of it.</source>
   <translation>{file} : ses données « {place} » ne sont pas à côté, et rien n’est téléchargé ; ouvrez-en une copie.</translation>
  </message>
  <message>
   <source>{file}: its table “{place}” is not there; put it beside the description.</source>
   <translation>{file} : ses données « {place} » manquent ; mettez-les à côté de la description.</translation>
  </message>
  <message>
   <source>{file}: no variable of it is in these data; it names {names}.</source>
   <translation>{file} : aucune de ses variables n’est dans ces données ; il nomme {names}.</translation>
  </message>
  <message>
   <source>{file}: the archive is locked with a password; unpack it, and open the file in it.</source>
   <translation>{file} : l’archive est protégée par un mot de passe ; décompressez-la et ouvrez le fichier qu’elle contient.</translation>
  </message>
  <message>
   <source>{file}: the bytes are not {letters}; name another encoding, or none.</source>
   <translation>{file} : les octets ne sont pas en {letters} ; nommez un autre codage, ou aucun.</translation>
  </message>
  <message>
   <source>{file}: the bytes are not {letters}; name the encoding, for example cp1252.</source>
   <translation>{file} : les octets ne sont pas en {letters} ; nommez le codage, par exemple cp1252.</translation>
  </message>
  <message>
   <source>{file}: the column “{name}” holds what cannot be shown as numbers, dates or text.</source>
   <translation>{file} : la colonne « {name} » contient ce qui ne se montre ni en nombres, ni en dates, ni en texte.</translation>
  </message>
  <message>
   <source>{file}: the file is empty.</source>
   <translation>{file} : le fichier est vide.</translation>
  </message>
  <message>
   <source>{file}: the file was changed or cut short while it was read; read it again.</source>
   <translation>{file} : le fichier a été modifié ou tronqué pendant la lecture ; relisez-le.</translation>
  </message>
  <message>
   <source>{file}: the records hold more than {most_names:,} different names, which no table has.</source>
   <translation>{file} : les enregistrements ont plus de {most_names:,} noms différents, ce qu’on ne peut lire.</translation>
  </message>
  <message>
   <source>{file}: the refreshed document stays a {ending} file.</source>
   <translation>{file} : le document actualisé reste un fichier {ending}.</translation>
  </message>
  <message>
   <source>{file}: the study cannot be read or written ({reason}).</source>
   <translation>{file} : l’étude ne peut être lue ni écrite ({reason}).</translation>
  </message>
  <message>
   <source>{file}: there are names but no rows of data below them.</source>
   <translation>{file} : il y a des noms, mais aucune ligne de données en dessous.</translation>
  </message>
  <message>
   <source>{file}: there are no columns in it.</source>
   <translation>{file} : il ne contient aucune colonne.</translation>
  </message>
  <message>
   <source>{file}: there are no records in it; a table is an array of records, or columns of arrays.</source>
   <translation>{file} : il ne contient aucun enregistrement ; une table est une liste d’enregistrements, ou des colonnes de listes.</translation>
  </message>
  <message>
   <source>{file}: there is no row of names in it.</source>
   <translation>{file} : il ne contient aucune ligne de noms.</translation>
  </message>
  <message>
   <source>{file}: there is no sheet “{wanted}”.{hint} Its sheets are {names}.</source>
   <translation>{file} : il n’y a pas de feuille « {wanted} ».{hint} Ses feuilles sont {names}.</translation>
  </message>
  <message>
   <source>{file}: there is no such file.</source>
   <translation>{file} : ce fichier n’existe pas.</translation>
  </message>
  <message>
   <source>{file}: there is no table in this archive, but {inside}.</source>
   <translation>{file} : cette archive ne contient pas de données, mais {inside}.</translation>
  </message>
  <message>
   <source>{file}: there is no table in this database.</source>
   <translation>{file} : il n’y a aucune table dans cette base.</translation>
  </message>
  <message>
   <source>{file}: there is no table “{sheet}” in it.{hint} Its tables are {names}.</source>
   <translation>{file} : il ne contient pas « {sheet} ».{hint} Il contient {names}.</translation>
  </message>
  <message>
   <source>{file}: there is no table “{wanted}”.{hint} Its tables are {names}.</source>
   <translation>{file} : il n’y a pas de « {wanted} ».{hint} Il contient {names}.</translation>
  </message>
  <message>
   <source>{file}: there is no “{wanted}” in it.{hint} Its tables are {names}.</source>
   <translation>{file} : « {wanted} » ne s’y trouve pas.{hint} Il contient {names}.</translation>
  </message>
  <message>
   <source>{file}: this document is too large to be read.</source>
   <translation>{file} : ce document est trop grand pour être lu.</translation>
  </message>
  <message>
   <source>{file}: this file is read here and is never written over; choose another name.</source>
   <translation>{file} : ce fichier est lu ici et n’est jamais écrasé ; choisissez un autre nom.</translation>
  </message>
  <message>
   <source>{file}: this is a folder; name a file in it.</source>
   <translation>{file} : c’est un dossier ; nommez un fichier qu’il contient.</translation>
  </message>
  <message>
   <source>{file}: this is a page or document in markup, or a file of another program; {as_text}.</source>
   <translation>{file} : c’est une page ou un document balisé, ou le fichier d’un autre programme ; {as_text}.</translation>
  </message>
  <message>
   <source>{file}: this is a presentation; {as_text}.</source>
   <translation>{file} : c’est une présentation ; {as_text}.</translation>
  </message>
  <message>
   <source>{file}: this is a text document; {as_text}.</source>
   <translation>{file} : c’est un document de texte ; {as_text}.</translation>
  </message>
  <message>
   <source>{file}: this is no document of text.</source>
   <translation>{file} : ce n’est pas un document de texte.</translation>
  </message>
  <message>
   <source>{file}: this is no document, or it is damaged.</source>
   <translation>{file} : ce n’est pas un document, ou il est endommagé.</translation>
  </message>
  <message>
   <source>{file}: this is no regular file; write what it gives to a file first.</source>
   <translation>{file} : ce n’est pas un fichier ordinaire ; écrivez d’abord dans un fichier ce qu’il fournit.</translation>
  </message>
  <message>
   <source>{file}: this is no sound Arrow file, or it was cut off.</source>
   <translation>{file} : ce n’est pas un fichier Arrow valide, ou il est tronqué.</translation>
  </message>
  <message>
   <source>{file}: this is no sound JSON ({why}).</source>
   <translation>{file} : ce n’est pas du JSON valide ({why}).</translation>
  </message>
  <message>
   <source>{file}: this is no sound Parquet file, or it was cut off.</source>
   <translation>{file} : ce n’est pas un fichier Parquet valide, ou il est tronqué.</translation>
  </message>
  <message>
   <source>{file}: this is no sound database, or it was cut off ({error}).</source>
   <translation>{file} : ce n’est pas une base de données saine, ou elle a été coupée ({error}).</translation>
  </message>
  <message>
   <source>{file}: this is no study.</source>
   <translation>{file} : ce n’est pas une étude.</translation>
  </message>
  <message>
   <source>{file}: this is not a text file (it holds NUL bytes); open delimited text such as .csv.</source>
   <translation>{file} : ce n’est pas un fichier texte (il contient des octets NUL) ; ouvrez du texte délimité, par exemple .csv.</translation>
  </message>
  <message>
   <source>{file}: this is not a text file; open delimited text such as .csv.</source>
   <translation>{file} : ce n’est pas un fichier texte ; ouvrez du texte délimité, par exemple .csv.</translation>
  </message>
  <message>
   <source>{file}: this is {words}.</source>
   <translation>{file} : c’est {words}.</translation>
  </message>
  <message>
   <source>{file}: this study holds other tables than it should, so it is not opened.</source>
   <translation>{file} : cette étude ne contient pas ce qu’elle devrait ; elle n’est donc pas ouverte.</translation>
  </message>
  <message>
   <source>{file}: this study is damaged or is none; {what_to_do}.</source>
   <translation>{file} : cette étude est endommagée ou n’en est pas une ; {what_to_do}.</translation>
  </message>
  <message>
   <source>{file}: this study is damaged; {what_to_do}.</source>
   <translation>{file} : cette étude est endommagée ; {what_to_do}.</translation>
  </message>
  <message>
   <source>{file}: this study is open in another window or run; close it there first.</source>
   <translation>{file} : cette étude est ouverte dans une autre fenêtre ou exécution ; fermez-la d’abord là-bas.</translation>
  </message>
  <message>
   <source>{file}: this study was made by a newer Istrel; open it with that one.</source>
   <translation>{file} : cette étude a été faite par un Istrel plus récent ; ouvrez-la avec celui-là.</translation>
  </message>
  <message>
   <source>{file}: unpacked it would take {size:.1f} GB, more than a workbook may (1 GB). Save the sheet as delimited text (.csv).</source>
   <translation>{file} : décompressé, il prendrait {size:.1f} Go, plus qu’un classeur ne peut (1 Go). Enregistrez la feuille comme texte à séparateurs (.csv).</translation>
  </message>
  <message>
   <source>{file}: {given_up} (It was given up after {patience:.0f} seconds.)</source>
   <translation>{file} : {given_up} (Abandonné après {patience:.0f} secondes.)</translation>
  </message>
  <message>
   <source>{file}: {what} is not UTF-8 text.</source>
   <translation>{file} : {what} n’est pas du texte UTF-8.</translation>
  </message>
  <message>
   <source>{file}: {what} of more than {size} MB is not read.</source>
   <translation>{file} : {what} de plus de {size} Mo n’est pas lu.</translation>
  </message>
  <message>
   <source>{file}: “{letters}” is not a known encoding; try utf-8 or cp1252.</source>
   <translation>{file} : « {letters} » n’est pas un codage connu ; essayez utf-8 ou cp1252.</translation>
  </message>
  <message>
   <source>{first} to {last}</source>
   <translation>{first} à {last}</translation>
  </message>
  <message>
   <source>{folder}: cannot be made ({why}).</source>
   <translation>{folder} : ne peut être créé ({why}).</translation>
  </message>
  <message>
   <source>{forms} across groups</source>
   <translation>{forms} avec des groupes (across)</translation>
  </message>
  <message>
   <source>{forms} across groups or of several variables</source>
   <translation>{forms} avec des groupes (across) ou plusieurs variables</translation>
  </message>
  <message>
   <source>{label} calls {names} by name only; the codebook has no label.</source>
   <translation>{label} ne désigne {names} que par leur nom ; le dictionnaire n’a pas d’étiquette.</translation>
  </message>
  <message>
   <source>{label} cannot be made: {trouble}</source>
   <translation>{label} ne peut être fait : {trouble}</translation>
  </message>
  <message>
   <source>{label} copied</source>
   <translation>{label} copié</translation>
  </message>
  <message>
   <source>{label} does not say of how many cases it is.</source>
   <translation>{label} ne dit pas sur combien de cas.</translation>
  </message>
  <message>
   <source>{label} draws standard errors; confidence intervals say more.</source>
   <translation>{label} dessine des erreurs standard ; des intervalles de confiance en disent plus.</translation>
  </message>
  <message>
   <source>{label} gives means without standard deviations or intervals.</source>
   <translation>{label} donne des moyennes sans écarts-types ni intervalles.</translation>
  </message>
  <message>
   <source>{label} gives medians without quartiles or a range.</source>
   <translation>{label} donne des médianes sans quartiles ni étendue.</translation>
  </message>
  <message>
   <source>{label} gives p; the statistic and its df stand nowhere, show its results text.</source>
   <translation>{label} donne p ; la statistique et ses degrés de liberté ne figurent nulle part, montrez son texte des résultats.</translation>
  </message>
  <message>
   <source>{label} gives standard errors where readers look for standard deviations.</source>
   <translation>{label} donne des erreurs standard là où l’on cherche des écarts-types.</translation>
  </message>
  <message>
   <source>{label} has {name} = {value}</source>
   <translation>{label} a {name} = {value}</translation>
  </message>
  <message>
   <source>{label} hides how many cases {words} are, but {beside} it can be worked out; hide it there too, or keep one.</source>
   <translation>{label} cache combien de cas sont {words}, mais {beside} cela se déduit ; cachez-le là aussi, ou n’en gardez qu’un.</translation>
  </message>
  <message>
   <source>{label} in the text</source>
   <translation>{label} dans le texte</translation>
  </message>
  <message>
   <source>{label} is mentioned before {label_2}.</source>
   <translation>{label} est mentionné avant {label_2}.</translation>
  </message>
  <message>
   <source>{label} is never mentioned in the text.</source>
   <translation>{label} n’est jamais mentionné dans le texte.</translation>
  </message>
  <message>
   <source>{label} is {label_2} a second time.</source>
   <translation>{label} est {label_2} une seconde fois.</translation>
  </message>
  <message numerus="yes">
   <source>{label} leaves out {n} [case|cases] without a group and does not say so.</source>
   <translation>
    <numerusform>{label} omet {n} cas sans groupe et ne le dit pas.</numerusform>
    <numerusform>{label} omet {n} cas sans groupe et ne le dit pas.</numerusform>
   </translation>
  </message>
  <message>
   <source>{label} repeats {table}.</source>
   <translation>{label} répète {table}.</translation>
  </message>
  <message numerus="yes">
   <source>{label} tests a group of {n} [case|cases].</source>
   <translation>
    <numerusform>{label} teste un groupe de {n} cas.</numerusform>
    <numerusform>{label} teste un groupe de {n} cas.</numerusform>
   </translation>
  </message>
  <message>
   <source>{label} tests differences without saying how large they are.</source>
   <translation>{label} teste des différences sans dire leur ampleur.</translation>
  </message>
  <message>
   <source>{label}, “{found}” in the text</source>
   <translation>{label}, « {found} » dans le texte</translation>
  </message>
  <message>
   <source>{label}: {name} holds {code:g}, which looks like a code for a missing answer.</source>
   <translation>{label} : {name} contient {code:g}, qui ressemble à un code de réponse manquante.</translation>
  </message>
  <message>
   <source>{left}; it would be “{new}”</source>
   <translation>{left} ; ce serait « {new} »</translation>
  </message>
  <message>
   <source>{len} more ▾</source>
   <translation>{len} de plus ▾</translation>
  </message>
  <message>
   <source>{letters} is cited in {where}.</source>
   <translation>{letters} est cité : {where}.</translation>
  </message>
  <message>
   <source>{letters} is of {own}, but stands beside {beside}.</source>
   <translation>{letters} est de {own}, mais se trouve à côté de {beside}.</translation>
  </message>
  <message>
   <source>{lost} is not where it was read; the study holds its data.</source>
   <translation>{lost} n’est plus où il a été lu ; l’étude garde ses données.</translation>
  </message>
  <message>
   <source>{low} to {high}</source>
   <translation>{low} à {high}</translation>
  </message>
  <message>
   <source>{message} Count classes or bands, name the most frequent (top = 20), or limit the cases.</source>
   <translation>{message} Comptez des classes, nommez les plus fréquentes (top = 20), ou restreignez les cas.</translation>
  </message>
  <message>
   <source>{message} Two make a scatter, many a heat map.</source>
   <translation>{message} Deux font un nuage de points, beaucoup une carte de chaleur.</translation>
  </message>
  <message>
   <source>{message} What you do is not on disk; it is tried again with the next change.</source>
   <translation>{message} Ce que vous faites n’est pas sur le disque ; on réessaiera au prochain changement.</translation>
  </message>
  <message>
   <source>{message} “arrange” is for one axis; leave it out.</source>
   <translation>{message} « arrange » est pour un seul axe ; ôtez-le.</translation>
  </message>
  <message>
   <source>{message}Limit the cases after “among”, or set it as table.</source>
   <translation>{message}Restreignez les cas après « among », ou composez-le en table.</translation>
  </message>
  <message>
   <source>{message}limit the cases after “among”, or leave log out.</source>
   <translation>{message}restreignez les cas après « among », ou ôtez log.</translation>
  </message>
  <message>
   <source>{message}widen them, or limit the cases after “among”.</source>
   <translation>{message}élargissez-les, ou restreignez les cas après « among ».</translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [case|cases]</source>
   <translation>
    <numerusform>{n:,} cas</numerusform>
    <numerusform>{n:,} cas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [cell|cells]</source>
   <translation>
    <numerusform>{n:,} cellule</numerusform>
    <numerusform>{n:,} cellules</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [figure|figures] redrawn</source>
   <translation>
    <numerusform>{n:,} figure redessinée</numerusform>
    <numerusform>{n:,} figures redessinées</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [line|lines] set aside</source>
   <translation>
    <numerusform>{n:,} ligne mise de côté</numerusform>
    <numerusform>{n:,} lignes mises de côté</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [number|numbers] moved</source>
   <translation>
    <numerusform>{n:,} nombre a changé</numerusform>
    <numerusform>{n:,} nombres ont changé</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [number|numbers] moved in the text</source>
   <translation>
    <numerusform>{n:,} nombre a changé dans le texte</numerusform>
    <numerusform>{n:,} nombres ont changé dans le texte</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [repeats|repeat] on both sides: their rows would multiply.</source>
   <translation>
    <numerusform>{n:,} se répète des deux côtés : leurs lignes se multiplieraient.</numerusform>
    <numerusform>{n:,} se répètent des deux côtés : leurs lignes se multiplieraient.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [row repeats|rows repeat]</source>
   <translation>
    <numerusform>{n:,} ligne répète</numerusform>
    <numerusform>{n:,} lignes répètent</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [row repeats|rows repeat] key and name; the first of each counts.</source>
   <translation>
    <numerusform>{n:,} ligne répète clé et nom ; la première de chacune compte.</numerusform>
    <numerusform>{n:,} lignes répètent clé et nom ; la première de chacune compte.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [row|rows]</source>
   <translation>
    <numerusform>{n:,} ligne</numerusform>
    <numerusform>{n:,} lignes</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [row|rows] without key [is|are] left out.</source>
   <translation>
    <numerusform>{n:,} ligne sans clé est omise.</numerusform>
    <numerusform>{n:,} lignes sans clé sont omises.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [row|rows] without key or name [is|are] left out.</source>
   <translation>
    <numerusform>{n:,} ligne sans clé ou nom est omise.</numerusform>
    <numerusform>{n:,} lignes sans clé ou nom sont omises.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [stands|stand] more than once</source>
   <translation>
    <numerusform>{n:,} figure plus d’une fois</numerusform>
    <numerusform>{n:,} figurent plus d’une fois</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [statement no longer holds|statements no longer hold]</source>
   <translation>
    <numerusform>{n:,} affirmation n’est plus vraie</numerusform>
    <numerusform>{n:,} affirmations ne sont plus vraies</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [value of {key} stands|values of {key} stand]</source>
   <translation>
    <numerusform>{n:,} valeur de {key} figure</numerusform>
    <numerusform>{n:,} valeurs de {key} figurent</numerusform>
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
    <numerusform>{n:,} variable réunie</numerusform>
    <numerusform>{n:,} variables réunies</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} different [text|texts]</source>
   <translation>
    <numerusform>{n:,} texte</numerusform>
    <numerusform>{n:,} textes différents</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} different [value|values]</source>
   <translation>
    <numerusform>{n:,} valeur</numerusform>
    <numerusform>{n:,} valeurs différentes</numerusform>
   </translation>
  </message>
  <message>
   <source>{n:,} distinct</source>
   <translation>{n:,} distinctes</translation>
  </message>
  <message numerus="yes">
   <source>{n:,} key [value repeats|values repeat] on the {side}.</source>
   <translation>
    <numerusform>{n:,} valeur de clé se répète {side}.</numerusform>
    <numerusform>{n:,} valeurs de clé se répètent {side}.</numerusform>
   </translation>
  </message>
  <message>
   <source>{n:,} missing ({why})</source>
   <translation>{n:,} manquantes ({why})</translation>
  </message>
  <message numerus="yes">
   <source>{n:,} of its dates [has|have] day and month the other way round, and [was|were] left unread.</source>
   <translation>
    <numerusform>{n:,} de ses dates a le jour et le mois inversés et reste non lue.</numerusform>
    <numerusform>{n:,} de ses dates ont le jour et le mois inversés et restent non lues.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} on the {side} [has|have] none.</source>
   <translation>
    <numerusform>{n:,} {side} n’en a pas.</numerusform>
    <numerusform>{n:,} {side} n’en ont pas.</numerusform>
   </translation>
  </message>
  <message>
   <source>{n:,} rows would result.</source>
   <translation>{n:,} lignes en résulteraient.</translation>
  </message>
  <message>
   <source>{n:,} times</source>
   <translation>{n:,} fois</translation>
  </message>
  <message>
   <source>{n:,} valid</source>
   <translation>{n:,} valides</translation>
  </message>
  <message numerus="yes">
   <source>{names} [is|are] not personal</source>
   <translation>
    <numerusform>{names} n’est pas personnelle</numerusform>
    <numerusform>{names} ne sont pas personnelles</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{names} [is|are] personal</source>
   <translation>
    <numerusform>{names} est personnelle</numerusform>
    <numerusform>{names} sont personnelles</numerusform>
   </translation>
  </message>
  <message>
   <source>{names} and {last}</source>
   <translation>{names} et {last}</translation>
  </message>
  <message>
   <source>{names} and {more:,} more</source>
   <translation>{names} et {more:,} de plus</translation>
  </message>
  <message>
   <source>{names} and {n:,} more</source>
   <translation>{names} et {n:,} de plus</translation>
  </message>
  <message>
   <source>{names} have different values, so their shares do not fit one figure; name one of them.</source>
   <translation>{names} ont des valeurs différentes, leurs parts ne vont donc pas dans une figure ; nommez l’une d’elles.</translation>
  </message>
  <message>
   <source>{name} (hidden)</source>
   <translation>{name} (masquée)</translation>
  </message>
  <message numerus="yes">
   <source>{name} has [a gap|{n} gaps]</source>
   <translation>
    <numerusform>{name} a un trou</numerusform>
    <numerusform>{name} a {n} trous</numerusform>
   </translation>
  </message>
  <message>
   <source>{name} has {count} humps</source>
   <translation>{name} a {count} bosses</translation>
  </message>
  <message>
   <source>{name} holds {value:g}, which is beyond what an axis or classes can hold; correct it, or limit the cases after “among”.</source>
   <translation>{name} contient {value:g}, au-delà de ce qu’un axe ou des classes contiennent ; corrigez-le, ou restreignez les cas après « among ».</translation>
  </message>
  <message numerus="yes">
   <source>{name} in {n:,} [case|cases]</source>
   <translation>
    <numerusform>{name} dans {n:,} cas</numerusform>
    <numerusform>{name} dans {n:,} cas</numerusform>
   </translation>
  </message>
  <message>
   <source>{name} is open here.</source>
   <translation>{name} est ouvert ici.</translation>
  </message>
  <message>
   <source>{name} is strongly skewed; {label} gives its mean without a median.</source>
   <translation>{name} est très asymétrique ; {label} donne sa moyenne sans médiane.</translation>
  </message>
  <message>
   <source>{name} items</source>
   <translation>Items {name}</translation>
  </message>
  <message>
   <source>{name} looks like the weight of each row, with {drawn}.</source>
   <translation>{name} ressemble au poids de chaque ligne, avec {drawn}.</translation>
  </message>
  <message>
   <source>{name} looks like the weight of each row.</source>
   <translation>{name} ressemble au poids de chaque ligne.</translation>
  </message>
  <message>
   <source>{name} was not laid over: the study changed meanwhile; lay it over again.</source>
   <translation>{name} n’a pas été appliqué : l’étude a changé entre-temps ; appliquez-le de nouveau.</translation>
  </message>
  <message>
   <source>{name} with {other}</source>
   <translation>{name} avec {other}</translation>
  </message>
  <message>
   <source>{name} written</source>
   <translation>{name} écrit</translation>
  </message>
  <message>
   <source>{name} · Istrel</source>
   <translation>{name} · Istrel</translation>
  </message>
  <message>
   <source>{name}, key words.{said}: at most {most_words:,} letters, without control characters.</source>
   <translation>{name}, clé words.{said} : {most_words:,} lettres au plus, sans caractères de contrôle.</translation>
  </message>
  <message>
   <source>{name}, key words.{said}: its places for numbers and names are {there}.</source>
   <translation>{name}, clé words.{said} : ses places pour nombres et noms sont {there}.</translation>
  </message>
  <message>
   <source>{name}, key words: there is no phrase “{said}”.{hint}</source>
   <translation>{name}, clé words : il n’y a pas de tournure « {said} ».{hint}</translation>
  </message>
  <message>
   <source>{name}, key {key}: {why}.</source>
   <translation>{name}, clé {key} : {why}.</translation>
  </message>
  <message>
   <source>{name}, line {line}: this is no valid TOML ({error}).</source>
   <translation>{name}, ligne {line} : ce n’est pas du TOML valide ({error}).</translation>
  </message>
  <message>
   <source>{name}, line {line}: {message}</source>
   <translation>{name}, ligne {line} : {message}</translation>
  </message>
  <message>
   <source>{name}, line {place}: a house style has no keys of so many parts.</source>
   <translation>{name}, ligne {place} : un style maison n’a pas de clés d’autant de parties.</translation>
  </message>
  <message>
   <source>{name}: a house style of more than {most_text:,} letters is not read.</source>
   <translation>{name} : un style maison de plus de {most_text:,} lettres n’est pas lu.</translation>
  </message>
  <message>
   <source>{name}: first look</source>
   <translation>{name} : premier regard</translation>
  </message>
  <message>
   <source>{name}: its brackets are nested too deep.</source>
   <translation>{name} : ses parenthèses sont trop imbriquées.</translation>
  </message>
  <message>
   <source>{name}: nothing in this document was put there by Istrel; export the manuscript first.</source>
   <translation>{name} : rien dans ce document ne vient d’Istrel ; exportez d’abord le manuscrit.</translation>
  </message>
  <message>
   <source>{name}: this is no document, or it is damaged.</source>
   <translation>{name} : ce n’est pas un document, ou il est endommagé.</translation>
  </message>
  <message>
   <source>{name}: this is no study as text.</source>
   <translation>{name} : ce n’est pas une étude sous forme de texte.</translation>
  </message>
  <message>
   <source>{name}: {valid:,} valid · {missing:,} missing · {distinct:,} distinct{zeros}</source>
   <translation>{name} : {valid:,} valides · {missing:,} manquants · {distinct:,} distincts{zeros}</translation>
  </message>
  <message>
   <source>{near}: edited by hand to “{old}”, left as it is</source>
   <translation>{near} : modifié à la main en « {old} », laissé tel quel</translation>
  </message>
  <message>
   <source>{near}: “{old}” is now “{new}”, but {why}</source>
   <translation>{near} : « {old} » est maintenant « {new} », mais {why}</translation>
  </message>
  <message numerus="yes">
   <source>{number} [thing|things] to look at</source>
   <translation>
    <numerusform>{number} chose à regarder</numerusform>
    <numerusform>{number} choses à regarder</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n} [number|numbers] moved beyond the digits in print</source>
   <translation>
    <numerusform>{n} nombre a changé au-delà des chiffres imprimés</numerusform>
    <numerusform>{n} nombres ont changé au-delà des chiffres imprimés</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n} [number|numbers] of {label} moved since accepted.</source>
   <translation>
    <numerusform>{n} nombre de {label} a changé depuis l’acceptation.</numerusform>
    <numerusform>{n} nombres de {label} ont changé depuis l’acceptation.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n} [point|points] that a reviewer might raise.</source>
   <translation>
    <numerusform>{n} point qu’un relecteur pourrait relever.</numerusform>
    <numerusform>{n} points qu’un relecteur pourrait relever.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n} [variable has|variables have] missing values</source>
   <translation>
    <numerusform>{n} variable a des valeurs manquantes</numerusform>
    <numerusform>{n} variables ont des valeurs manquantes</numerusform>
   </translation>
  </message>
  <message>
   <source>{n} exchanged</source>
   <translation>{n} remplacés</translation>
  </message>
  <message>
   <source>{n} items</source>
   <translation>{n} items</translation>
  </message>
  <message>
   <source>{n} more</source>
   <translation>{n} de plus</translation>
  </message>
  <message>
   <source>{n} more at Intake</source>
   <translation>{n} de plus dans l’Entrée</translation>
  </message>
  <message>
   <source>{n} more like these</source>
   <translation>{n} autres du même genre</translation>
  </message>
  <message>
   <source>{n} rows are no cases:</source>
   <translation>{n} lignes ne sont pas des cas :</translation>
  </message>
  <message>
   <source>{n} steps before these: “copy” takes all.</source>
   <translation>{n} étapes avant celles-ci : « copier » les prend toutes.</translation>
  </message>
  <message>
   <source>{n} things to look at</source>
   <translation>{n} choses à regarder</translation>
  </message>
  <message>
   <source>{n} to look at</source>
   <translation>{n} à regarder</translation>
  </message>
  <message>
   <source>{n} whole numbers cannot have this mean</source>
   <translation>{n} nombres entiers ne peuvent avoir cette moyenne</translation>
  </message>
  <message>
   <source>{n} whole numbers with this mean cannot have this SD</source>
   <translation>{n} nombres entiers de cette moyenne ne peuvent avoir cet ET</translation>
  </message>
  <message>
   <source>{one} and {n} more</source>
   <translation>{one} et {n} de plus</translation>
  </message>
  <message>
   <source>{others} changed since it was read. “Read changed files again” (Ctrl+K) takes the new data.</source>
   <translation>{others} a changé depuis sa lecture. « Relire les fichiers modifiés » (Ctrl+K) prend les nouvelles données.</translation>
  </message>
  <message>
   <source>{others} stand once in each combination, and {name} says how often.</source>
   <translation>{others} figurent une fois dans chaque combinaison, et {name} dit combien de fois.</translation>
  </message>
  <message>
   <source>{parent}: cannot be made ({why}).</source>
   <translation>{parent} : ne peut être créé ({why}).</translation>
  </message>
  <message>
   <source>{part:g} of {whole:g} are {share} %</source>
   <translation>{part:g} sur {whole:g} font {share} %</translation>
  </message>
  <message>
   <source>{part} of {variable}</source>
   <translation>{part} de {variable}</translation>
  </message>
  <message>
   <source>{path}: cannot be read ({why}).</source>
   <translation>{path} : ne peut être lu ({why}).</translation>
  </message>
  <message>
   <source>{path}: cannot be written ({why}).</source>
   <translation>{path} : ne peut être écrit ({why}).</translation>
  </message>
  <message numerus="yes">
   <source>{persons:,} by {person} in {n:,} [row|rows]</source>
   <translation>
    <numerusform>{persons:,} selon {person} en {n:,} ligne</numerusform>
    <numerusform>{persons:,} selon {person} en {n:,} lignes</numerusform>
   </translation>
  </message>
  <message>
   <source>{places} or {last}</source>
   <translation>{places} ou {last}</translation>
  </message>
  <message>
   <source>{place} (“{text}”)</source>
   <translation>{place} (« {text} »)</translation>
  </message>
  <message>
   <source>{place}: cannot be made ({why}).</source>
   <translation>{place} : ne peut être créé ({why}).</translation>
  </message>
  <message>
   <source>{place}: this folder is not empty; name a new one, so that nothing in it is lost or given away.</source>
   <translation>{place} : ce dossier n’est pas vide ; nommez-en un nouveau, pour que rien n’y soit perdu ni livré.</translation>
  </message>
  <message>
   <source>{place}: this is a file; name a folder, or a file that ends in .zip.</source>
   <translation>{place} : c’est un fichier ; nommez un dossier, ou un fichier qui finit par .zip.</translation>
  </message>
  <message>
   <source>{rows:,} rows would result; {matched:,} rows on the left find a partner.</source>
   <translation>{rows:,} lignes en résulteraient ; {matched:,} lignes de gauche trouvent un pendant.</translation>
  </message>
  <message>
   <source>{rows} and {variables} would result.</source>
   <translation>{rows} et {variables} en résulteraient.</translation>
  </message>
  <message>
   <source>{source} lacks {names}.</source>
   <translation>{source} n’a pas {names}.</translation>
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
   <translation>{text} dépasse le tout.</translation>
  </message>
  <message>
   <source>{title} in bands</source>
   <translation>{title} en classes</translation>
  </message>
  <message>
   <source>{title} · {level}
click: describe it · “by”: make groups with it</source>
   <translation>{title} · {level}
cliquer : la décrire · « by » : en former des groupes</translation>
  </message>
  <message>
   <source>{title} · {place} of {all}</source>
   <translation>{title} · {place} sur {all}</translation>
  </message>
  <message>
   <source>{unit} since 1970, read as dates ({number} is {day}).</source>
   <translation>{unit} depuis 1970, lues comme dates ({number} est le {day}).</translation>
  </message>
  <message numerus="yes">
   <source>{used:,} of {n:,} [case|cases]</source>
   <translation>
    <numerusform>{used:,} sur {n:,} cas</numerusform>
    <numerusform>{used:,} sur {n:,} cas</numerusform>
   </translation>
  </message>
  <message>
   <source>{value} in the file</source>
   <translation>{value} dans le fichier</translation>
  </message>
  <message>
   <source>{variable} is {level}</source>
   <translation>{variable} est {level}</translation>
  </message>
  <message>
   <source>{was} is now {now}: another sign</source>
   <translation>{was} est devenu {now} : le signe a changé</translation>
  </message>
  <message>
   <source>{what} ({number} for “{word}”).</source>
   <translation>{what} ({number} pour « {word} »).</translation>
  </message>
  <message>
   <source>{what} above {low}</source>
   <translation>{what} au-dessus de {low}</translation>
  </message>
  <message>
   <source>{what} between {low} and {high}</source>
   <translation>{what} entre {low} et {high}</translation>
  </message>
  <message>
   <source>{what} from {low}</source>
   <translation>{what} à partir de {low}</translation>
  </message>
  <message>
   <source>{what} taken from the name.</source>
   <translation>{what} d’après le nom.</translation>
  </message>
  <message>
   <source>{where} claims what the numbers no longer bear out: {said}.</source>
   <translation>{where} affirme ce que les nombres ne confirment plus : {said}.</translation>
  </message>
  <message numerus="yes">
   <source>{where} quotes {n} [number|numbers] that moved.</source>
   <translation>
    <numerusform>{where} cite {n} nombre qui a changé.</numerusform>
    <numerusform>{where} cite {n} nombres qui ont changé.</numerusform>
   </translation>
  </message>
  <message>
   <source>{where}: {says}; do its words still hold?</source>
   <translation>{where} : {says} ; les mots sont-ils encore vrais ?</translation>
  </message>
  <message numerus="yes">
   <source>{words} [belongs|belong] to {where}.</source>
   <translation>
    <numerusform>{words} va avec {where}.</numerusform>
    <numerusform>{words} vont avec {where}.</numerusform>
   </translation>
  </message>
  <message>
   <source>{words} and {n} more not read</source>
   <translation>{words} et {n} de plus non lus</translation>
  </message>
  <message>
   <source>{words} not read</source>
   <translation>{words} non lu</translation>
  </message>
  <message>
   <source>· weighted by</source>
   <translation>· pondéré par</translation>
  </message>
  <message>
   <source>α if left out</source>
   <translation>α sans l’item</translation>
  </message>
  <message>
   <source>“.{plain}” is no output that can be made.{hint} Outputs are {known}.</source>
   <translation>« .{plain} » n’est pas une sortie possible.{hint} Les sorties sont {known}.</translation>
  </message>
  <message>
   <source>“agreement” does not go with “{other}”; leave one of them out.</source>
   <translation>« agreement » ne va pas avec « {other} » ; ôtez l’un des deux.</translation>
  </message>
  <message>
   <source>“agreement” is that of two variables, named one after the other; name two.</source>
   <translation>« agreement » est celui de deux variables, nommées l’une après l’autre ; nommez-en deux.</translation>
  </message>
  <message>
   <source>“alpha” does not go with “{clause}”; leave one of them out.</source>
   <translation>« alpha » ne va pas avec « {clause} » ; ôtez l’un des deux.</translation>
  </message>
  <message>
   <source>“alpha” is that of composites, variables made by mean(…) or sum(…) of items; there is none here.</source>
   <translation>« alpha » est celui de composites, variables faites par mean(…) ou sum(…) d’items ; il n’y en a pas ici.</translation>
  </message>
  <message>
   <source>“combinations” are those of a question with several answers; there is none in this sentence.</source>
   <translation>« combinations » sont celles d’une question à plusieurs réponses ; il n’y en a pas dans cette phrase.</translation>
  </message>
  <message>
   <source>“difference” of coefficients is not defined under weights; leave it out, or add unweighted.</source>
   <translation>« difference » de coefficients n’est pas défini avec pondération ; ôtez-le, ou ajoutez unweighted.</translation>
  </message>
  <message>
   <source>“given” takes Pearson’s or Spearman’s coefficient; name one with method = pearson.</source>
   <translation>« given » prend le coefficient de Pearson ou de Spearman ; nommez-en un par method = pearson.</translation>
  </message>
  <message>
   <source>“intervals” of a cumulative curve are not defined under weights; leave it out, or add unweighted.</source>
   <translation>« intervals » d’une courbe cumulée n’est pas défini avec pondération ; ôtez-le, ou ajoutez unweighted.</translation>
  </message>
  <message>
   <source>“pairs” compares more than two groups; there are no more here.</source>
   <translation>« pairs » compare plus de deux groupes ; il n’y en a pas davantage ici.</translation>
  </message>
  <message>
   <source>“pairs” compares {most_for_pairs} groups at most; here are {most}. Take fewer, or leave pairs out.</source>
   <translation>« pairs » compare {most_for_pairs} groupes au plus ; il y en a {most}. Prenez-en moins, ou ôtez pairs.</translation>
  </message>
  <message>
   <source>“persons” needs to know whose rows these are; say so at the head of the Codebook, or with --person.</source>
   <translation>« persons » doit savoir à qui sont ces lignes ; dites-le en tête du dictionnaire, ou avec --person.</translation>
  </message>
  <message>
   <source>“recode” is written recode(x, 1 = 2, 3 = missing, else = 0).</source>
   <translation>« recode » s’écrit recode(x, 1 = 2, 3 = missing, else = 0).</translation>
  </message>
  <message>
   <source>“{asked}” and “given” are not computed together; leave one of them out.</source>
   <translation>« {asked} » et « given » ne se calculent pas ensemble ; ôtez l’un des deux.</translation>
  </message>
  <message>
   <source>“{asked}” needs to know whose rows these are; say so at the head of the Codebook, or with --person.</source>
   <translation>« {asked} » doit savoir à qui sont ces lignes ; dites-le en tête du dictionnaire, ou avec --person.</translation>
  </message>
  <message>
   <source>“{asked}” tells how many persons have several rows, which hide_below would hide; leave one of both out.</source>
   <translation>« {asked} » dit combien de personnes ont plusieurs lignes, ce que hide_below cacherait ; ôtez l’un des deux.</translation>
  </message>
  <message>
   <source>“{child}” is made from “{leaving}”; take that out first.</source>
   <translation>« {child} » est formé de « {leaving} » ; retirez d’abord celui-là.</translation>
  </message>
  <message>
   <source>“{claim}” no longer holds</source>
   <translation>« {claim} » n’est plus vrai</translation>
  </message>
  <message numerus="yes">
   <source>“{column}” does not {what}: [one row holds|{n:,} rows hold] {lack}: row {shown}. Mend or set aside these rows first.</source>
   <translation>
    <numerusform>« {column} » ne peut {what} : une ligne n’a {lack} : ligne {shown}. Corrigez ou mettez d’abord ces lignes de côté.</numerusform>
    <numerusform>« {column} » ne peut {what} : {n:,} lignes n’ont {lack} : ligne {shown}. Corrigez ou mettez d’abord ces lignes de côté.</numerusform>
   </translation>
  </message>
  <message>
   <source>“{column}” holds dates, written as 2025-03-31; “{plain}” is none.</source>
   <translation>« {column} » contient des dates, écrites comme 2025-03-31 ; « {plain} » n’en est pas une.</translation>
  </message>
  <message>
   <source>“{column}” holds no numbers, so it cannot say how many cases a row stands for.</source>
   <translation>« {column} » ne contient pas de nombres et ne peut donc dire combien de cas une ligne représente.</translation>
  </message>
  <message>
   <source>“{column}” holds no numbers, so it cannot weigh the rows.</source>
   <translation>« {column} » ne contient pas de nombres et ne peut donc pondérer les lignes.</translation>
  </message>
  <message>
   <source>“{column}” holds numbers; “{plain}” is none.</source>
   <translation>« {column} » contient des nombres ; « {plain} » n’en est pas un.</translation>
  </message>
  <message>
   <source>“{counted}” counts no cases; there is nothing to work on.</source>
   <translation>« {counted} » ne compte aucun cas ; il n’y a rien à calculer.</translation>
  </message>
  <message>
   <source>“{counted}” counts {total:,} cases; of {count:,} variables {most:,} cases are the most that are worked on.</source>
   <translation>« {counted} » compte {total:,} cas ; avec {count:,} variables, on en traite {most:,} au plus.</translation>
  </message>
  <message>
   <source>“{dates_wanted}” is no order of dates; say {names}.</source>
   <translation>« {dates_wanted} » n’est pas un ordre de dates ; dites {names}.</translation>
  </message>
  <message>
   <source>“{delimiter}” separates no fields: the delimiter is one ASCII character, such as ; or \t.</source>
   <translation>« {delimiter} » ne sépare pas de champs : le séparateur est un caractère ASCII, comme ; ou \t.</translation>
  </message>
  <message>
   <source>“{first}” and “{other}” have other occasions ({occasions}; {others}); put them in sentences of their own.</source>
   <translation>« {first} » et « {other} » ont d’autres occasions ({occasions} ; {others}) ; mettez-les dans des phrases à part.</translation>
  </message>
  <message>
   <source>“{form}” shows every case or accounts for it, so small counts cannot be hidden in it; set it as table.</source>
   <translation>« {form} » montre chaque cas ou en rend compte, les petits effectifs ne peuvent donc y être cachés ; composez-le en table.</translation>
  </message>
  <message>
   <source>“{found}” stands here twice; name it once.</source>
   <translation>« {found} » figure ici deux fois ; nommez-le une fois.</translation>
  </message>
  <message>
   <source>“{function}” is written {form}.</source>
   <translation>« {function} » s’écrit {form}.</translation>
  </message>
  <message>
   <source>“{function}” is written {form}: only the first part is a variable.</source>
   <translation>« {function} » s’écrit {form} : seule la première partie est une variable.</translation>
  </message>
  <message>
   <source>“{function}” knows no “{name}”; it is written {form}.</source>
   <translation>« {function} » ne connaît pas « {name} » ; cela s’écrit {form}.</translation>
  </message>
  <message>
   <source>“{key}” takes a value: write {key} = … ({words}).</source>
   <translation>« {key} » prend une valeur : écrivez {key} = … ({words}).</translation>
  </message>
  <message>
   <source>“{kind}” is no change of a study.</source>
   <translation>« {kind} » n’est pas un changement d’étude.</translation>
  </message>
  <message>
   <source>“{label}” has no expected share; name one for every value, 0 where none is expected.</source>
   <translation>« {label} » n’a pas de part attendue ; nommez-en une pour chaque valeur, 0 là où rien n’est attendu.</translation>
  </message>
  <message>
   <source>“{label}” is typed by hand and does not follow its number; put it in by “Refer to”.</source>
   <translation>« {label} » est écrit à la main et ne suit pas son numéro ; insérez-le par « Renvoyer à ».</translation>
  </message>
  <message>
   <source>“{leaving}” is needed by a kept exhibit.</source>
   <translation>« {leaving} » sert à un résultat gardé.</translation>
  </message>
  <message>
   <source>“{measure}” is no way to gather; there are {names}.</source>
   <translation>« {measure} » ne permet pas de regrouper ; il y a {names}.</translation>
  </message>
  <message>
   <source>“{name} = {value}” belongs to {where}.</source>
   <translation>« {name} = {value} » va avec {where}.</translation>
  </message>
  <message>
   <source>“{name}” and “{other}” decide the same thing in two ways; leave one of them out.</source>
   <translation>« {name} » et « {other} » décident la même chose de deux façons ; ôtez l’un des deux.</translation>
  </message>
  <message>
   <source>“{name}” can mean {said}; write more of it.</source>
   <translation>« {name} » peut vouloir dire {said} ; écrivez-en davantage.</translation>
  </message>
  <message>
   <source>“{name}” cannot be made: {message}</source>
   <translation>« {name} » ne peut être formée : {message}</translation>
  </message>
  <message>
   <source>“{name}” compares groups, and “against” each with a norm; leave one of them out.</source>
   <translation>« {name} » compare des groupes, et « against » chacun à une norme ; ôtez l’un des deux.</translation>
  </message>
  <message>
   <source>“{name}” differs between the rows of one {who}, so persons cannot be counted by it; leave persons out.</source>
   <translation>« {name} » diffère entre les lignes de {who}, on ne peut donc compter les personnes ainsi ; ôtez persons.</translation>
  </message>
  <message>
   <source>“{name}” has no number in any case in use, so there are no classes to count.</source>
   <translation>« {name} » n’a de nombre dans aucun cas utilisé, il n’y a donc pas de classes à compter.</translation>
  </message>
  <message>
   <source>“{name}” has no number in any case in use, so there is nothing to draw.</source>
   <translation>« {name} » n’a de nombre dans aucun cas utilisé, il n’y a donc rien à dessiner.</translation>
  </message>
  <message>
   <source>“{name}” has occasions, which others have not; name it alone, without all or a stretch of others.</source>
   <translation>« {name} » a des occasions, que d’autres n’ont pas ; nommez-le seul, sans all ni suite d’autres.</translation>
  </message>
  <message>
   <source>“{name}” has values that are not above 0, which a logarithmic axis cannot show; </source>
   <translation>« {name} » a des valeurs qui ne dépassent pas 0, qu’un axe logarithmique ne peut montrer ; </translation>
  </message>
  <message>
   <source>“{name}” holds no numbers, so it cannot be drawn as {form}; set it as table.</source>
   <translation>« {name} » ne contient pas de nombres et ne se dessine donc pas comme {form} ; mettez table.</translation>
  </message>
  <message>
   <source>“{name}” holds no numbers, so it has no {measure}; take its first, last or count.</source>
   <translation>« {name} » ne contient pas de nombres et n’a donc pas de {measure} ; prenez first, last ou count.</translation>
  </message>
  <message>
   <source>“{name}” holds no numbers, so its shape cannot be checked; count it.</source>
   <translation>« {name} » ne contient pas de nombres, sa forme ne peut donc être vérifiée ; comptez-le.</translation>
  </message>
  <message>
   <source>“{name}” holds words, which {coefficient} cannot take; use method = fitting.</source>
   <translation>« {name} » contient des mots, que {coefficient} ne peut prendre ; utilisez method = fitting.</translation>
  </message>
  <message>
   <source>“{name}” is a question with several answers, for which “{unfit}” is not defined; leave it out.</source>
   <translation>« {name} » est une question à plusieurs réponses, pour laquelle « {unfit} » n’est pas défini ; ôtez-le.</translation>
  </message>
  <message>
   <source>“{name}” is a variable of the source; it can be left out, not removed.</source>
   <translation>« {name} » est une variable de la source ; elle peut être omise, non retirée.</translation>
  </message>
  <message>
   <source>“{name}” is a variable of the source; it is not made by a formula.</source>
   <translation>« {name} » est une variable de la source ; elle n’est pas formée par une formule.</translation>
  </message>
  <message>
   <source>“{name}” is about classes of measured values; here values are counted one by one ({names}).</source>
   <translation>« {name} » concerne des classes de valeurs mesurées ; ici les valeurs sont comptées une à une ({names}).</translation>
  </message>
  <message>
   <source>“{name}” is for {what}, which this table does not show; ask for it, or leave {name} out.</source>
   <translation>« {name} » est pour {what}, que ce tableau ne montre pas ; demandez-le, ou ôtez {name}.</translation>
  </message>
  <message>
   <source>“{name}” is measured and has many values; draw it as histogram, or count it as {form}.</source>
   <translation>« {name} » est mesurée et a beaucoup de valeurs ; dessinez-la comme histogram, ou comptez-la comme {form}.</translation>
  </message>
  <message>
   <source>“{name}” is needed by {names}; remove that first.</source>
   <translation>« {name} » sert à {names} ; retirez d’abord cela.</translation>
  </message>
  <message>
   <source>“{name}” is no composite of items; name the items, or a variable made by mean(…) or sum(…).</source>
   <translation>« {name} » n’est pas composé d’items ; nommez les items, ou une variable faite par mean(…) ou sum(…).</translation>
  </message>
  <message>
   <source>“{name}” is one of {names}; “{word}” is not.{hint}</source>
   <translation>« {name} » est un de {names} ; pas « {word} ».{hint}</translation>
  </message>
  <message>
   <source>“{name}” is part of how the rows are weighted, but row {row:,}{more} holds {lack}; mend or set aside what is wrong, or add “with unweighted”.</source>
   <translation>« {name} » fait partie de la pondération des lignes, mais la ligne {row:,}{more} contient {lack} ; corrigez ou mettez de côté ce qui est faux, ou ajoutez « with unweighted ».</translation>
  </message>
  <message>
   <source>“{name}” is set twice.</source>
   <translation>« {name} » est fixé deux fois.</translation>
  </message>
  <message>
   <source>“{name}” is yes or no; “{word}” is not.</source>
   <translation>« {name} » est yes ou no ; pas « {word} ».</translation>
  </message>
  <message>
   <source>“{name}” is {level}, so it cannot be drawn as {form}; set it as table.</source>
   <translation>« {name} » est {level} et ne se dessine donc pas comme {form} ; mettez table.</translation>
  </message>
  <message>
   <source>“{name}” is {value}; it cannot be related to others.</source>
   <translation>« {name} » est {value} ; on ne peut le mettre en relation avec d’autres.</translation>
  </message>
  <message>
   <source>“{name}” is {words}; {word} is not.</source>
   <translation>« {name} » est {words} ; {word} non.</translation>
  </message>
  <message>
   <source>“{name}” leaves out what is compared with expected shares; leave it out.</source>
   <translation>« {name} » écarte ce qui est comparé aux parts attendues ; ôtez-le.</translation>
  </message>
  <message>
   <source>“{name}” means nothing here without “{wanted}”; add that, or leave {name} out.</source>
   <translation>« {name} » ne veut rien dire ici sans « {wanted} » ; ajoutez-le, ou ôtez {name}.</translation>
  </message>
  <message>
   <source>“{name}” need not be asked for here: {why}. Leave {name} out.</source>
   <translation>Il n’est pas nécessaire de demander « {name} » ici : {why}. Ôtez {name}.</translation>
  </message>
  <message>
   <source>“{name}” needs a list</source>
   <translation>« {name} » demande une liste</translation>
  </message>
  <message>
   <source>“{name}” never has the value “{unknown}”.{hint}</source>
   <translation>« {name} » n’a jamais la valeur « {unknown} ».{hint}</translation>
  </message>
  <message>
   <source>“{name}” parts the cases at the limits; it stands in the codebook.</source>
   <translation>« {name} » partage les cas aux limites ; elle figure au dictionnaire.</translation>
  </message>
  <message numerus="yes">
   <source>“{name}” says how many cases a row stands for, but [row {row:,} holds|row {row:,} and others, {n:,} in all, hold] no whole number from 0; mend or set aside what is wrong, or say that each row is a case of its own.</source>
   <translation>
    <numerusform>« {name} » dit combien de cas une ligne représente, mais la ligne {row:,} n’a pas de nombre entier à partir de 0 ; corrigez ou mettez de côté ce qui est faux, ou dites que chaque ligne est un cas à part.</numerusform>
    <numerusform>« {name} » dit combien de cas une ligne représente, mais la ligne {row:,} et d’autres, {n:,} en tout, n’ont pas de nombre entier à partir de 0 ; corrigez ou mettez de côté ce qui est faux, ou dites que chaque ligne est un cas à part.</numerusform>
   </translation>
  </message>
  <message>
   <source>“{name}” stands beside groups; choose layout = columns or rows.</source>
   <translation>« {name} » figure à côté des groupes ; choisissez layout = columns ou rows.</translation>
  </message>
  <message>
   <source>“{name}” takes one value.</source>
   <translation>« {name} » prend une valeur.</translation>
  </message>
  <message>
   <source>“{name}” takes two values, the lower one first: {example}.</source>
   <translation>« {name} » prend deux valeurs, la plus petite d’abord : {example}.</translation>
  </message>
  <message>
   <source>“{name}” takes {kind}; “{word}” is none.</source>
   <translation>« {name} » prend {kind} ; « {word} » n’en est pas un.</translation>
  </message>
  <message>
   <source>“{one}” was read as {letters}; as {others} it would be “{other}”.</source>
   <translation>« {one} » a été lu en {letters} ; en {others}, ce serait « {other} ».</translation>
  </message>
  <message>
   <source>“{role}” is no role of a row; the roles are {names}.</source>
   <translation>« {role} » n’est pas un rôle de ligne ; les rôles sont {names}.</translation>
  </message>
  <message>
   <source>“{shape}” is not drawn under weights; set it as table, or add “with unweighted”.</source>
   <translation>« {shape} » ne se dessine pas avec pondération ; composez-le en table, ou ajoutez « with unweighted ».</translation>
  </message>
  <message>
   <source>“{shown}” is not defined under weights; leave it out, or add unweighted.</source>
   <translation>« {shown} » n’est pas défini avec pondération ; ôtez-le, ou ajoutez unweighted.</translation>
  </message>
  <message>
   <source>“{strange}” is no value of “{value}”; its values are {values}.</source>
   <translation>« {strange} » n’est pas une valeur de « {value} » ; ses valeurs sont {values}.</translation>
  </message>
  <message>
   <source>“{text} … {group}” does not hold: in {label} the {word} mean is of {group_2}.</source>
   <translation>« {text} … {group} » n’est pas vrai : dans {label} la moyenne ({word}) est de {group_2}.</translation>
  </message>
  <message>
   <source>“{text}” and “{text_2}” are of different kinds.</source>
   <translation>« {text} » et « {text_2} » sont de nature différente.</translation>
  </message>
  <message>
   <source>“{text}” cannot be taken out of itself; name it among the variables or after “given”.</source>
   <translation>« {text} » ne peut être ôté de lui-même ; nommez-le parmi les variables ou après « given ».</translation>
  </message>
  <message>
   <source>“{text}” cannot make groups of itself; take it out of one of the two places.</source>
   <translation>« {text} » ne peut former des groupes de lui-même ; ôtez-le d’un des deux endroits.</translation>
  </message>
  <message>
   <source>“{text}” claims a cause; descriptive results do not bear that.</source>
   <translation>« {text} » affirme une cause ; des résultats descriptifs ne le permettent pas.</translation>
  </message>
  <message>
   <source>“{text}” has another decimal mark than the exhibits.</source>
   <translation>« {text} » a un autre séparateur décimal que les éléments.</translation>
  </message>
  <message>
   <source>“{text}” has no occasions as “{name}” has; put it in a sentence of its own.</source>
   <translation>« {text} » n’a pas d’occasions comme « {name} » ; mettez-le dans une phrase à part.</translation>
  </message>
  <message>
   <source>“{text}” has no value in any case in use, so it makes no groups.</source>
   <translation>« {text} » n’a de valeur dans aucun cas utilisé, il ne forme donc pas de groupes.</translation>
  </message>
  <message>
   <source>“{text}” holds words, which have no size: use = or in {{…}} instead of {operator}.</source>
   <translation>« {text} » contient des mots, qui n’ont pas de grandeur : utilisez = ou in {{…}} au lieu de {operator}.</translation>
  </message>
  <message>
   <source>“{text}” is a percentage of {base} cases; the count says it all.</source>
   <translation>« {text} » est un pourcentage de {base} cas ; l’effectif dit tout.</translation>
  </message>
  <message>
   <source>“{text}” is a question with several answers; count it in a sentence of its own.</source>
   <translation>« {text} » est une question à plusieurs réponses ; comptez-la dans une phrase à part.</translation>
  </message>
  <message>
   <source>“{text}” is compared with {what}; “{text_2}” is none.</source>
   <translation>« {text} » se compare à {what} ; « {text_2} » n’en est pas.</translation>
  </message>
  <message>
   <source>“{text}” is in no exhibit; {has}.</source>
   <translation>« {text} » n’est dans aucun élément ; {has}.</translation>
  </message>
  <message>
   <source>“{text}” is no number.</source>
   <translation>« {text} » n’est pas un nombre.</translation>
  </message>
  <message>
   <source>“{text}” is no whole number.</source>
   <translation>« {text} » n’est pas un nombre entier.</translation>
  </message>
  <message>
   <source>“{text}” is of {groups}, but stands beside {beside}.</source>
   <translation>« {text} » est de {groups}, mais se trouve à côté de {beside}.</translation>
  </message>
  <message>
   <source>“{text}” is typed among live numbers; it will not follow the data.</source>
   <translation>« {text} » est écrit à la main parmi des nombres vivants ; il ne suivra pas les données.</translation>
  </message>
  <message>
   <source>“{text}” never has the value “{wanted}”.{hint}</source>
   <translation>« {text} » n’a jamais la valeur « {wanted} ».{hint}</translation>
  </message>
  <message>
   <source>“{text}” stands before “{text_2}” in the file; turn the range round.</source>
   <translation>« {text} » précède « {text_2} » dans le fichier ; retournez la suite.</translation>
  </message>
  <message>
   <source>“{text}” stands in several columns; the flow of cases takes one of them, or all of them by name.</source>
   <translation>« {text} » occupe plusieurs colonnes ; le flux des cas en prend une, ou toutes par leur nom.</translation>
  </message>
  <message>
   <source>“{text}” stands nowhere</source>
   <translation>« {text} » ne figure nulle part</translation>
  </message>
  <message>
   <source>“{text}” stands on both sides; leave it out of one.</source>
   <translation>« {text} » figure des deux côtés ; ôtez-le d’un côté.</translation>
  </message>
  <message>
   <source>“{time}” holds no dates or numbers, so no line runs over it; name a date first.</source>
   <translation>« {time} » ne contient ni dates ni nombres, aucune ligne ne le parcourt donc ; nommez d’abord une date.</translation>
  </message>
  <message>
   <source>“{time}” holds no dates, so there is no {said} in it; per = year takes years.</source>
   <translation>« {time} » ne contient pas de dates, il n’y a donc pas de {said} ; per = year prend des années.</translation>
  </message>
  <message>
   <source>“{value}” holds words; {function}( ) needs numbers.</source>
   <translation>« {value} » contient des mots ; {function}( ) demande des nombres.</translation>
  </message>
  <message>
   <source>“{value}” is a value; a variable or a formula stands here.</source>
   <translation>« {value} » est une valeur ; ici se trouve une variable ou une formule.</translation>
  </message>
  <message>
   <source>“{value}” is a {what}; “{verb}” takes variables after “against”.</source>
   <translation>« {value} » est un {what} ; « {verb} » prend des variables après « against ».</translation>
  </message>
  <message>
   <source>“{value}” is no date.</source>
   <translation>« {value} » n’est pas une date.</translation>
  </message>
  <message>
   <source>“{value}” means no answer in “{other}” and is an answer in “{name}”; say the same of both in the Codebook.</source>
   <translation>« {value} » veut dire sans réponse dans « {other} » et est une réponse dans « {name} » ; dites la même chose des deux dans le dictionnaire.</translation>
  </message>
  <message>
   <source>“{verb}” cannot be set as “{form}”; it can as {known}.</source>
   <translation>« {verb} » ne peut se composer en « {form} » ; il le peut en {known}.</translation>
  </message>
  <message>
   <source>“{wanted}” is a variable of the data; a formula makes a new one and needs a name of its own.</source>
   <translation>« {wanted} » est une variable des données ; une formule en forme une nouvelle, qui a besoin d’un nom à elle.</translation>
  </message>
  <message>
   <source>“{what}” holds words, which are neither true nor false: compare it, as in if(x = "a", 1, 0).</source>
   <translation>« {what} » contient des mots, qui ne sont ni vrais ni faux : comparez-les, comme dans if(x = "a", 1, 0).</translation>
  </message>
  <message>
   <source>“{what}” holds words; arithmetic needs numbers.</source>
   <translation>« {what} » contient des mots ; le calcul demande des nombres.</translation>
  </message>
  <message>
   <source>“{words}” holds no numbers, so it has no line; name a date first, then what is measured.</source>
   <translation>« {words} » ne contient pas de nombres, il n’a donc pas de ligne ; nommez d’abord une date, puis ce qui est mesuré.</translation>
  </message>
  <message>
   <source>“{words}” holds no numbers, so it has no place in a {form}; name numeric variables.</source>
   <translation>« {words} » ne contient pas de nombres, il n’a donc pas de place dans {form} ; nommez des variables numériques.</translation>
  </message>
  <message>
   <source>“{words}” holds words in no order that is known, so it is no item of a scale; put its answers in order in the Codebook, or leave it out.</source>
   <translation>« {words} » contient des mots sans ordre connu, ce n’est donc pas un item d’échelle ; ordonnez ses réponses au dictionnaire, ou ôtez-le.</translation>
  </message>
  <message>
   <source>“{words}” holds words, so it has no mean of a person; leave it out or leave out “{asked}”.</source>
   <translation>« {words} » contient des mots, il n’a donc pas de moyenne d’une personne ; ôtez-le ou ôtez « {asked} ».</translation>
  </message>
  <message>
   <source>“{words}” is not measured in numbers, so it is not compared with {value}.</source>
   <translation>« {words} » n’est pas mesuré en nombres, il ne se compare donc pas à {value}.</translation>
  </message>
  <message>
   <source>“{words}” is not measured in numbers.</source>
   <translation>« {words} » n’est pas mesuré en nombres.</translation>
  </message>
  <message>
   <source>“{words}”: {why}.</source>
   <translation>« {words} » : {why}.</translation>
  </message>
  <message>
   <source>“{word}”</source>
   <translation>« {word} »</translation>
  </message>
  <message>
   <source>“{word}” ({count:,})</source>
   <translation>« {word} » ({count:,})</translation>
  </message>
  <message>
   <source>“{word}” and its like are days without a year; it was left as text.</source>
   <translation>« {word} » et semblables sont des jours sans année ; la colonne est restée du texte.</translation>
  </message>
  <message>
   <source>“{word}” and its like were left as text; they may be powers of ten.</source>
   <translation>« {word} » et ses semblables sont restés du texte ; ce sont peut-être des puissances de dix.</translation>
  </message>
  <message>
   <source>“{word}” belongs to {owners}.</source>
   <translation>« {word} » appartient à {owners}.</translation>
  </message>
  <message>
   <source>“{word}” cannot stand here.</source>
   <translation>« {word} » ne peut se trouver ici.</translation>
  </message>
  <message>
   <source>“{word}” cannot stand here.{hint}</source>
   <translation>« {word} » ne peut se trouver ici.{hint}</translation>
  </message>
  <message>
   <source>“{word}” is a latitude and a longitude in one cell; it was left as text.</source>
   <translation>« {word} » est une latitude et une longitude dans une cellule ; la colonne est restée du texte.</translation>
  </message>
  <message>
   <source>“{word}” is no form.{hint}</source>
   <translation>« {word} » n’est pas une forme.{hint}</translation>
  </message>
  <message>
   <source>“{word}” is no level of measurement.{hint}</source>
   <translation>« {word} » n’est pas un niveau de mesure.{hint}</translation>
  </message>
  <message>
   <source>“{word}” is no statistic and no setting.{hint}</source>
   <translation>« {word} » n’est ni une statistique ni un réglage.{hint}</translation>
  </message>
  <message>
   <source>“{word}” is no statistic; a p comes with “test”.</source>
   <translation>« {word} » n’est pas une statistique ; un p vient avec « test ».</translation>
  </message>
  <message>
   <source>“{word}” is no verb.{hint} {begins}</source>
   <translation>« {word} » n’est pas un verbe.{hint} {begins}</translation>
  </message>
  <message>
   <source>“{word}” is no verb; write “{meant}”.</source>
   <translation>« {word} » n’est pas un verbe ; écrivez « {meant} ».</translation>
  </message>
  <message>
   <source>“{word}” is no {what}.{hint}</source>
   <translation>« {word} » n’en est pas ({what}).{hint}</translation>
  </message>
  <message>
   <source>“{word}” may be hours and minutes, or minutes and seconds; it was left as text.</source>
   <translation>« {word} » peut être des heures et minutes, ou des minutes et secondes ; la colonne est restée du texte.</translation>
  </message>
  <message>
   <source>“{word}” may be {one} or {other}; it was left as text.</source>
   <translation>« {word} » peut être {one} ou {other} ; la colonne est restée du texte.</translation>
  </message>
  <message>
   <source>“{word}” may be {one} or {other}; the day was taken for the first.</source>
   <translation>« {word} » peut être {one} ou {other} ; le jour a été pris en premier.</translation>
  </message>
  <message>
   <source>“{word}” stands among words like names: a program may have made a date of one (as of SEPT2 or MARCH1). Mend it in the file or in its cell.</source>
   <translation>« {word} » se trouve parmi des mots qui ressemblent à des noms : un programme a pu prendre un nom pour une date (SEPT2 ou MARCH1, par exemple). Corrigez-le dans le fichier ou dans la cellule.</translation>
  </message>
  <message>
   <source>“{word}” stands twice; say each part once.</source>
   <translation>« {word} » figure deux fois ; dites chaque partie une fois.</translation>
  </message>
  <message>
   <source>“{word}” was read as {day}, the year first.</source>
   <translation>« {word} » a été lu comme {day}, l’année d’abord.</translation>
  </message>
  <message>
   <source>“{word}” was read as {number}, unlike the rest of the file.</source>
   <translation>« {word} » a été lu {number}, contrairement au reste du fichier.</translation>
  </message>
  <message>
   <source>“{word}” was read as {number}.</source>
   <translation>« {word} » a été lu {number}.</translation>
  </message>
  <message>
   <source>“{word}” was read as {number}; it may be {other}.</source>
   <translation>« {word} » a été lu {number} ; ce peut être {other}.</translation>
  </message>
  <message>
   <source>“{word}” was read as {number}; the words beside numbers became their labels.</source>
   <translation>« {word} » a été lu {number} ; les mots à côté des nombres sont devenus leurs libellés.</translation>
  </message>
  <message>
   <source>… and {n} more of this kind.</source>
   <translation>… et {n} de plus de ce genre.</translation>
  </message>
  <message>
   <source>↶ undo: {words}</source>
   <translation>↶ annuler : {words}</translation>
  </message>
 </context>
</TS>
