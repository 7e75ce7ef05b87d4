<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
 <context>
  <name>window</name>
  <message>
   <source> Did you mean “{names}” or “{last}”?</source>
   <translation> Meinten Sie „{names}“ oder „{last}“?</translation>
  </message>
  <message>
   <source> Did you mean “{word}”?</source>
   <translation> Meinten Sie „{word}“?</translation>
  </message>
  <message>
   <source> Forms are {names}.</source>
   <translation> Formen sind {names}.</translation>
  </message>
  <message>
   <source> It is kept as it was in {name}.</source>
   <translation> Wie es war, ist es in {name} aufgehoben.</translation>
  </message>
  <message>
   <source> Separate names by commas, or go on with across, among, as or with.</source>
   <translation> Trennen Sie Namen durch Kommas, oder fahren Sie mit across, among, as oder with fort.</translation>
  </message>
  <message>
   <source> and {n:,} more</source>
   <translation> und {n:,} weitere</translation>
  </message>
  <message>
   <source> · weighted</source>
   <translation> · gewichtet</translation>
  </message>
  <message numerus="yes">
   <source> · {n:,} [zero|zeros]</source>
   <translation>
    <numerusform> · {n:,} Null</numerusform>
    <numerusform> · {n:,} Nullen</numerusform>
   </translation>
  </message>
  <message>
   <source>(near {where}): one mean hides them.</source>
   <translation>(bei {where}): ein Mittelwert verdeckt sie.</translation>
  </message>
  <message>
   <source>*d* of changes</source>
   <translation>*d* der Veränderungen</translation>
  </message>
  <message>
   <source>*p* adjusted</source>
   <translation>*p* angepasst</translation>
  </message>
  <message>
   <source>+ condition</source>
   <translation>+ Bedingung</translation>
  </message>
  <message>
   <source>+ heading</source>
   <translation>+ Überschrift</translation>
  </message>
  <message>
   <source>+ paragraph</source>
   <translation>+ Absatz</translation>
  </message>
  <message>
   <source>, {n:,} made here</source>
   <translation>, davon {n:,} hier gebildet</translation>
  </message>
  <message>
   <source>1 case</source>
   <translation>1 Fall</translation>
  </message>
  <message>
   <source>1.5 IQR</source>
   <translation>1,5 IQR</translation>
  </message>
  <message>
   <source>3 IQR</source>
   <translation>3 IQR</translation>
  </message>
  <message>
   <source>5th and 95th percentile</source>
   <translation>5. und 95. Perzentil</translation>
  </message>
  <message>
   <source>A .{ending} file holds one figure; name one sentence, or choose .docx or .html.</source>
   <translation>Eine .{ending}-Datei enthält eine Abbildung; nennen Sie einen einzigen Satz, oder wählen Sie .docx oder .html.</translation>
  </message>
  <message>
   <source>A bar of a histogram needs both limits of its class; “below” and “above” are for count.</source>
   <translation>Ein Balken eines Histogramms braucht beide Grenzen seiner Klasse; „below“ und „above“ gehören zu count.</translation>
  </message>
  <message>
   <source>A class width is above 0; {width:g} is not.</source>
   <translation>Eine Klassenbreite liegt über 0; {width:g} nicht.</translation>
  </message>
  <message>
   <source>A class width of {width:g} makes {count:,.0f} classes; at most {most_classes:,} are drawn.</source>
   <translation>Eine Klassenbreite von {width:g} ergibt {count:,.0f} Klassen; höchstens {most_classes:,} werden gezeichnet.</translation>
  </message>
  <message>
   <source>A codebook cannot be written as “{ending}”.{hint} Its name can end in {known}.</source>
   <translation>Ein Codebuch kann nicht als „{ending}“ geschrieben werden.{hint} Sein Name kann auf {known} enden.</translation>
  </message>
  <message>
   <source>A combination (×) is counted by itself; “against” takes variables one by one.</source>
   <translation>Eine Kombination (×) wird für sich gezählt; „against“ nimmt Variablen eine nach der anderen.</translation>
  </message>
  <message>
   <source>A condition cannot stand where a value is needed; join conditions with and, or.</source>
   <translation>Eine Bedingung kann nicht stehen, wo ein Wert gebraucht wird; verbinden Sie Bedingungen mit and, or.</translation>
  </message>
  <message>
   <source>A condition needs a comparison, for example age &gt;= 18.</source>
   <translation>Eine Bedingung braucht einen Vergleich, zum Beispiel age &gt;= 18.</translation>
  </message>
  <message>
   <source>A derived variable needs a name.</source>
   <translation>Eine abgeleitete Variable braucht einen Namen.</translation>
  </message>
  <message>
   <source>A figure as {form} can be arranged {listed_words}; “{said}” is for others.</source>
   <translation>Eine Abbildung als {form} kann {listed_words} angeordnet werden; „{said}“ gehört zu anderen.</translation>
  </message>
  <message>
   <source>A folder for the exhibits</source>
   <translation>Ein Ordner für die Darstellungen</translation>
  </message>
  <message>
   <source>A folder with a file for each exhibit…</source>
   <translation>Ein Ordner mit einer Datei je Darstellung …</translation>
  </message>
  <message>
   <source>A grid of planes shows one group; leave the groups out, or limit the cases after “among”.</source>
   <translation>Ein Gitter von Flächen zeigt eine Gruppe; lassen Sie die Gruppen weg, oder schränken Sie die Fälle nach „among“ ein.</translation>
  </message>
  <message>
   <source>A grid takes {low} to {high} numeric variables; these are {number}.</source>
   <translation>Ein Gitter nimmt {low} bis {high} numerische Variablen; hier sind es {number}.</translation>
  </message>
  <message>
   <source>A grid tells {most_groups} groups apart; these are {groups}. Name fewer, or limit the cases.</source>
   <translation>Ein Gitter unterscheidet {most_groups} Gruppen; hier sind es {groups}. Nennen Sie weniger, oder schränken Sie die Fälle ein.</translation>
  </message>
  <message>
   <source>A guess:</source>
   <translation>Eine Vermutung:</translation>
  </message>
  <message>
   <source>A guess: {words}</source>
   <translation>Eine Vermutung: {words}</translation>
  </message>
  <message>
   <source>A heat map of counts needs two variables; name the other one after “against”.</source>
   <translation>Eine Heatmap von Anzahlen braucht zwei Variablen; nennen Sie die andere nach „against“.</translation>
  </message>
  <message>
   <source>A line for each person, and the means.</source>
   <translation>Eine Linie für jede Person, und die Mittelwerte.</translation>
  </message>
  <message>
   <source>A line holds {most_points:,} points; take means with per = month, or limit the cases.</source>
   <translation>Eine Linie fasst {most_points:,} Punkte; nehmen Sie Mittelwerte mit per = month, oder schränken Sie die Fälle ein.</translation>
  </message>
  <message>
   <source>A line runs over one grouping, or two that are crossed; name what it runs over after “across”.</source>
   <translation>Eine Linie läuft über eine Gruppierung, oder zwei gekreuzte; nennen Sie nach „across“, worüber sie läuft.</translation>
  </message>
  <message>
   <source>A line takes time first, then what is drawn over it.</source>
   <translation>Eine Linie nimmt zuerst die Zeit, dann, was darüber gezeichnet wird.</translation>
  </message>
  <message>
   <source>A logarithmic axis begins above 0; {low:g} is not.</source>
   <translation>Eine logarithmische Achse beginnt über 0; {low:g} tut das nicht.</translation>
  </message>
  <message>
   <source>A missing map shows all cases together; leave the groups out, or limit the cases after “among”.</source>
   <translation>Eine Fehlkarte zeigt alle Fälle zusammen; lassen Sie die Gruppen weg, oder schränken Sie die Fälle nach „among“ ein.</translation>
  </message>
  <message>
   <source>A norm is not drawn as {form}; choose {names}.</source>
   <translation>Eine Norm wird als {form} nicht gezeichnet; wählen Sie {names}.</translation>
  </message>
  <message>
   <source>A package for an archive</source>
   <translation>Ein Paket für ein Archiv</translation>
  </message>
  <message>
   <source>A package for an archive: data, codebook, exhibits…</source>
   <translation>Ein Paket für ein Archiv: Daten, Codebuch, Darstellungen …</translation>
  </message>
  <message>
   <source>A paragraph</source>
   <translation>Ein Absatz</translation>
  </message>
  <message>
   <source>A person has two rows on one occasion of “{names}”; mend that first.</source>
   <translation>Eine Person hat zwei Zeilen zu einem Zeitpunkt von „{names}“; bringen Sie das zuerst in Ordnung.</translation>
  </message>
  <message>
   <source>A questionnaire</source>
   <translation>Ein Fragebogen</translation>
  </message>
  <message>
   <source>A range of variables stands only inside a function such as mean( ).</source>
   <translation>Eine Reihe von Variablen steht nur in einer Funktion wie mean( ).</translation>
  </message>
  <message>
   <source>A row is an occasion of a person, or it stands for several cases; it cannot be both.</source>
   <translation>Eine Zeile ist ein Zeitpunkt einer Person, oder sie steht für mehrere Fälle; beides geht nicht.</translation>
  </message>
  <message>
   <source>A row stands for several cases that were counted, or a sample weighs it; it cannot be both.</source>
   <translation>Eine Zeile steht für mehrere gezählte Fälle, oder eine Stichprobe gewichtet sie; beides geht nicht.</translation>
  </message>
  <message>
   <source>A scale has two items or more; name another one.</source>
   <translation>Eine Skala hat zwei oder mehr Items; nennen Sie noch eines.</translation>
  </message>
  <message>
   <source>A scatter over dates takes a date and one numeric variable, and nothing besides.</source>
   <translation>Ein Streudiagramm über Daten nimmt ein Datum und eine numerische Variable, und sonst nichts.</translation>
  </message>
  <message>
   <source>A scatter takes two numeric variables; three or more make a grid.</source>
   <translation>Ein Streudiagramm nimmt zwei numerische Variablen; drei oder mehr ergeben ein Gitter.</translation>
  </message>
  <message>
   <source>A sentence begins with {names} or {last}.</source>
   <translation>Ein Satz beginnt mit {names} oder {last}.</translation>
  </message>
  <message>
   <source>A source of the study cannot be understood.</source>
   <translation>Eine Quelle der Studie ist nicht zu verstehen.</translation>
  </message>
  <message>
   <source>A table cannot be written as .{ending}; {others}.</source>
   <translation>Eine Tabelle kann nicht als .{ending} geschrieben werden; {others}.</translation>
  </message>
  <message>
   <source>A table with categories has its groups side by side; leave layout out.</source>
   <translation>Eine Tabelle mit Kategorien hat ihre Gruppen nebeneinander; lassen Sie layout weg.</translation>
  </message>
  <message>
   <source>A template</source>
   <translation>Eine Vorlage</translation>
  </message>
  <message>
   <source>A test against expected shares is not defined under weights; add “with unweighted”.</source>
   <translation>Ein Test gegen erwartete Anteile ist mit Gewichten nicht definiert; fügen Sie „with unweighted“ hinzu.</translation>
  </message>
  <message>
   <source>A text gives a {name} without saying how far the values spread.</source>
   <translation>Ein Text nennt {name}, ohne zu sagen, wie weit die Werte streuen.</translation>
  </message>
  <message>
   <source>A text gives p without the statistic that it belongs to.</source>
   <translation>Ein Text nennt p ohne die Prüfgröße, zu der es gehört.</translation>
  </message>
  <message>
   <source>A text mentions {label}, which is not in the manuscript.</source>
   <translation>Ein Text erwähnt {label}, das nicht im Manuskript steht.</translation>
  </message>
  <message>
   <source>A text quotes p without the statistic that it belongs to.</source>
   <translation>Ein Text zitiert p ohne die Prüfgröße, zu der es gehört.</translation>
  </message>
  <message>
   <source>A text refers to an exhibit that is not in the manuscript.</source>
   <translation>Ein Text verweist auf eine Darstellung, die nicht im Manuskript steht.</translation>
  </message>
  <message>
   <source>A text speaks of significance; no test stands by it.</source>
   <translation>Ein Text spricht von Signifikanz; kein Test steht dabei.</translation>
  </message>
  <message>
   <source>A variable cannot be made from itself: {steps}.</source>
   <translation>Eine Variable kann nicht aus sich selbst gebildet werden: {steps}.</translation>
  </message>
  <message>
   <source>A variable has one role for the rows; name another one for the second.</source>
   <translation>Eine Variable hat eine Rolle für die Zeilen; nennen Sie für die zweite eine andere.</translation>
  </message>
  <message>
   <source>Accept every number as it is now</source>
   <translation>Alle Zahlen annehmen, wie sie jetzt sind</translation>
  </message>
  <message>
   <source>Add a heading to the manuscript</source>
   <translation>Eine Überschrift ins Manuskript setzen</translation>
  </message>
  <message>
   <source>Add a paragraph to the manuscript</source>
   <translation>Einen Absatz ins Manuskript setzen</translation>
  </message>
  <message>
   <source>Add data…</source>
   <translation>Daten hinzufügen …</translation>
  </message>
  <message>
   <source>Add how much the groups differ: “with difference”.</source>
   <translation>Fügen Sie hinzu, wie sehr sich die Gruppen unterscheiden: „with difference“.</translation>
  </message>
  <message>
   <source>Add the reproducibility appendix</source>
   <translation>Den Anhang zur Reproduzierbarkeit hinzufügen</translation>
  </message>
  <message>
   <source>Adjusted residuals</source>
   <translation>Angepasste Residuen</translation>
  </message>
  <message>
   <source>After the comma comes another name.</source>
   <translation>Nach dem Komma kommt noch ein Name.</translation>
  </message>
  <message>
   <source>After the equals sign comes a value.</source>
   <translation>Nach dem Gleichheitszeichen kommt ein Wert.</translation>
  </message>
  <message>
   <source>After “across” comes the variable that makes the groups.</source>
   <translation>Nach „across“ kommt die Variable, die die Gruppen bildet.</translation>
  </message>
  <message>
   <source>After “against” come variables, or one number, or shares in braces.</source>
   <translation>Nach „against“ kommen Variablen, oder eine Zahl, oder Anteile in geschweiften Klammern.</translation>
  </message>
  <message>
   <source>After “against” comes a variable.</source>
   <translation>Nach „against“ kommt eine Variable.</translation>
  </message>
  <message>
   <source>After “among” comes a condition, for example age &gt;= 18.</source>
   <translation>Nach „among“ kommt eine Bedingung, zum Beispiel age &gt;= 18.</translation>
  </message>
  <message>
   <source>After “as” comes a form: {names}.</source>
   <translation>Nach „as“ kommt eine Form: {names}.</translation>
  </message>
  <message>
   <source>After “given” come the variables that are taken out.</source>
   <translation>Nach „given“ kommen die Variablen, die herausgenommen werden.</translation>
  </message>
  <message>
   <source>After “with” comes a statistic or a setting, for example mean, sd or bins = 20.</source>
   <translation>Nach „with“ kommt eine Statistik oder eine Einstellung, zum Beispiel mean, sd oder bins = 20.</translation>
  </message>
  <message>
   <source>After “{last}” come the variables, separated by commas.</source>
   <translation>Nach „{last}“ kommen die Variablen, durch Kommas getrennt.</translation>
  </message>
  <message>
   <source>Agreement</source>
   <translation>Übereinstimmung</translation>
  </message>
  <message>
   <source>All cases in use again</source>
   <translation>Wieder alle Fälle verwenden</translation>
  </message>
  <message>
   <source>All files (*)</source>
   <translation>Alle Dateien (*)</translation>
  </message>
  <message>
   <source>All files are as they were when they were read.</source>
   <translation>Alle Dateien sind, wie sie beim Lesen waren.</translation>
  </message>
  <message>
   <source>All keys</source>
   <translation>Alle Tasten</translation>
  </message>
  <message>
   <source>All values of “{name}” are equal ({values:g}), so there is no {form} to draw.</source>
   <translation>Alle Werte von „{name}“ sind gleich ({values:g}), also gibt es nichts als {form} zu zeichnen.</translation>
  </message>
  <message>
   <source>Alpha</source>
   <translation>Alpha</translation>
  </message>
  <message>
   <source>An action, a variable, a value, a finding, or a whole sentence</source>
   <translation>Eine Handlung, eine Variable, ein Wert, ein Befund oder ein ganzer Satz</translation>
  </message>
  <message>
   <source>An intake cannot be written as “.{ending}”.{hint} It can be {known}.</source>
   <translation>Ein Eingang kann nicht als „.{ending}“ geschrieben werden.{hint} Möglich sind {known}.</translation>
  </message>
  <message>
   <source>An occasion tells the rows of a person apart; say who the person is, too.</source>
   <translation>Ein Zeitpunkt unterscheidet die Zeilen einer Person; sagen Sie auch, wer die Person ist.</translation>
  </message>
  <message>
   <source>And {n:,} more like it.</source>
   <translation>Und {n:,} weitere dieser Art.</translation>
  </message>
  <message>
   <source>Answers are set beside one grouping: “across” or “against”; leave one of them out.</source>
   <translation>Antworten werden neben eine Gruppierung gestellt: „across“ oder „against“; lassen Sie eines davon weg.</translation>
  </message>
  <message>
   <source>Answers of which a case can give several do not fit {shape}; set them as table or bars.</source>
   <translation>Antworten, von denen ein Fall mehrere geben kann, passen nicht zu {shape}; setzen Sie sie als table oder bars.</translation>
  </message>
  <message>
   <source>Answers stand in columns where they are counted: begin with count.</source>
   <translation>Antworten stehen in Spalten, wo sie gezählt werden: Beginnen Sie mit count.</translation>
  </message>
  <message>
   <source>Arranged</source>
   <translation>Anordnung</translation>
  </message>
  <message>
   <source>At a glance</source>
   <translation>Auf einen Blick</translation>
  </message>
  <message>
   <source>Back to back stand two groups; there are others here.</source>
   <translation>Rücken an Rücken stehen zwei Gruppen; hier sind es andere.</translation>
  </message>
  <message>
   <source>Band</source>
   <translation>Band</translation>
  </message>
  <message>
   <source>Bands from these cuts → {target}</source>
   <translation>Klassen aus diesen Schnitten → {target}</translation>
  </message>
  <message>
   <source>Bandwidth</source>
   <translation>Bandbreite</translation>
  </message>
  <message>
   <source>Bandwidth by</source>
   <translation>Bandbreite nach</translation>
  </message>
  <message>
   <source>Bandwidth ×</source>
   <translation>Bandbreite ×</translation>
  </message>
  <message>
   <source>Bars of categories have no density; choose count, percent or proportion.</source>
   <translation>Balken von Kategorien haben keine Dichte; wählen Sie count, percent oder proportion.</translation>
  </message>
  <message>
   <source>Begin a new study</source>
   <translation>Eine neue Studie beginnen</translation>
  </message>
  <message>
   <source>Belongs to this study; Save as… makes a file for others.</source>
   <translation>Gehört zu dieser Studie; „Sichern unter …“ macht eine Datei für andere.</translation>
  </message>
  <message>
   <source>Below the table was left out: {words}.</source>
   <translation>Unter der Tabelle ausgelassen: {words}.</translation>
  </message>
  <message>
   <source>Below zero</source>
   <translation>Unter null</translation>
  </message>
  <message>
   <source>Bench</source>
   <translation>Werkbank</translation>
  </message>
  <message>
   <source>Benjamini–Hochberg</source>
   <translation>Benjamini–Hochberg</translation>
  </message>
  <message>
   <source>Between persons</source>
   <translation>Zwischen Personen</translation>
  </message>
  <message>
   <source>Between the limits: {text}</source>
   <translation>Zwischen den Grenzen: {text}</translation>
  </message>
  <message>
   <source>Binary</source>
   <translation>Binär</translation>
  </message>
  <message>
   <source>Bounds</source>
   <translation>Schranken</translation>
  </message>
  <message>
   <source>CI</source>
   <translation>KI</translation>
  </message>
  <message>
   <source>CI of Mdn</source>
   <translation>KI des Mdn</translation>
  </message>
  <message>
   <source>CV</source>
   <translation>VK</translation>
  </message>
  <message>
   <source>Cases</source>
   <translation>Fälle</translation>
  </message>
  <message>
   <source>Cases are chosen after “among”: describe age among age &gt;= 18.</source>
   <translation>Fälle wählt man nach „among“: describe age among age &gt;= 18.</translation>
  </message>
  <message>
   <source>Cases part only once on their way; write “× {text}”, or leave “{text}” out.</source>
   <translation>Fälle teilen sich auf ihrem Weg nur einmal; schreiben Sie „× {text}“, oder lassen Sie „{text}“ weg.</translation>
  </message>
  <message>
   <source>Change this</source>
   <translation>Dies ändern</translation>
  </message>
  <message>
   <source>Chapter</source>
   <translation>Kapitel</translation>
  </message>
  <message>
   <source>Chapter of the handbook</source>
   <translation>Kapitel des Handbuchs</translation>
  </message>
  <message>
   <source>Choose first what to describe; then “by” makes the groups.</source>
   <translation>Wählen Sie zuerst, was beschrieben wird; danach bildet „by“ die Gruppen.</translation>
  </message>
  <message>
   <source>Choose the key: the variable that says which rows belong together.</source>
   <translation>Wählen Sie den Schlüssel: die Variable, die sagt, welche Zeilen zusammengehören.</translation>
  </message>
  <message>
   <source>Cite the number under the pointer</source>
   <translation>Die Zahl unter dem Zeiger zitieren</translation>
  </message>
  <message>
   <source>Class width</source>
   <translation>Klassenbreite</translation>
  </message>
  <message>
   <source>Classes by</source>
   <translation>Klassen nach</translation>
  </message>
  <message>
   <source>Classes closed</source>
   <translation>Klassen geschlossen</translation>
  </message>
  <message>
   <source>Classes of “{name}” have their own order; leave {setting} out.</source>
   <translation>Klassen von „{name}“ haben ihre eigene Ordnung; lassen Sie {setting} weg.</translation>
  </message>
  <message>
   <source>Click a number of the table: it opens and shows its working.</source>
   <translation>Klicken Sie auf eine Zahl der Tabelle: Sie öffnet sich und zeigt ihren Rechenweg.</translation>
  </message>
  <message>
   <source>Click variables on the left, type a sentence above, or begin with one of these.</source>
   <translation>Klicken Sie links auf Variablen, schreiben Sie oben einen Satz, oder beginnen Sie mit einem von diesen.</translation>
  </message>
  <message>
   <source>Close Istrel</source>
   <translation>Istrel schließen</translation>
  </message>
  <message>
   <source>Close the handbook</source>
   <translation>Das Handbuch schließen</translation>
  </message>
  <message>
   <source>Clusters: {name}.</source>
   <translation>Klumpen: {name}.</translation>
  </message>
  <message>
   <source>Codebook</source>
   <translation>Codebuch</translation>
  </message>
  <message>
   <source>Codebook of {name}</source>
   <translation>Codebuch von {name}</translation>
  </message>
  <message>
   <source>Coefficient</source>
   <translation>Koeffizient</translation>
  </message>
  <message>
   <source>Combinations</source>
   <translation>Kombinationen</translation>
  </message>
  <message>
   <source>Condition on cases</source>
   <translation>Bedingung an die Fälle</translation>
  </message>
  <message>
   <source>Confidence</source>
   <translation>Konfidenz</translation>
  </message>
  <message>
   <source>Continuous</source>
   <translation>Stetig</translation>
  </message>
  <message>
   <source>Copy</source>
   <translation>Kopieren</translation>
  </message>
  <message>
   <source>Copy and edit the house style</source>
   <translation>Den Hausstil kopieren und bearbeiten</translation>
  </message>
  <message>
   <source>Copy and edit this style</source>
   <translation>Diesen Stil kopieren und bearbeiten</translation>
  </message>
  <message>
   <source>Copy the exhibit</source>
   <translation>Die Darstellung kopieren</translation>
  </message>
  <message>
   <source>Corrections</source>
   <translation>Berichtigungen</translation>
  </message>
  <message>
   <source>Counsel: {words}</source>
   <translation>Rat: {words}</translation>
  </message>
  <message>
   <source>Count</source>
   <translation>Anzahl</translation>
  </message>
  <message>
   <source>Cronbach’s alpha of composites on the diagonal of the matrix</source>
   <translation>Cronbachs Alpha zusammengesetzter Variablen auf der Diagonale der Matrix</translation>
  </message>
  <message>
   <source>Cronbach’s α = {alpha}, n = {n:,}</source>
   <translation>Cronbachs α = {alpha}, n = {n:,}</translation>
  </message>
  <message>
   <source>Cumulative</source>
   <translation>Kumuliert</translation>
  </message>
  <message>
   <source>Cumulative bars cannot be stacked; leave cumulative or the arrangement out.</source>
   <translation>Kumulierte Balken können nicht gestapelt werden; lassen Sie cumulative oder die Anordnung weg.</translation>
  </message>
  <message>
   <source>Cumulative percentages need the values in their own order; leave order and top out.</source>
   <translation>Kumulierte Prozentwerte brauchen die Werte in ihrer eigenen Ordnung; lassen Sie order und top weg.</translation>
  </message>
  <message>
   <source>Curve</source>
   <translation>Kurve</translation>
  </message>
  <message>
   <source>Data</source>
   <translation>Daten</translation>
  </message>
  <message>
   <source>Data and studies</source>
   <translation>Daten und Studien</translation>
  </message>
  <message>
   <source>Date</source>
   <translation>Datum</translation>
  </message>
  <message>
   <source>Days between</source>
   <translation>Tage dazwischen</translation>
  </message>
  <message>
   <source>Decimal mark</source>
   <translation>Dezimalzeichen</translation>
  </message>
  <message>
   <source>Decimals</source>
   <translation>Nachkommastellen</translation>
  </message>
  <message>
   <source>Decimals of coefficients</source>
   <translation>Nachkommastellen der Koeffizienten</translation>
  </message>
  <message>
   <source>Decimals of measures</source>
   <translation>Nachkommastellen der Messwerte</translation>
  </message>
  <message>
   <source>Decimals of p</source>
   <translation>Nachkommastellen von p</translation>
  </message>
  <message>
   <source>Decimals of percentages</source>
   <translation>Nachkommastellen der Prozente</translation>
  </message>
  <message>
   <source>Decimals of test statistics</source>
   <translation>Nachkommastellen der Prüfgrößen</translation>
  </message>
  <message>
   <source>Deletion</source>
   <translation>Ausschluss</translation>
  </message>
  <message>
   <source>Derive</source>
   <translation>Ableiten</translation>
  </message>
  <message>
   <source>Derive a variable</source>
   <translation>Eine Variable ableiten</translation>
  </message>
  <message>
   <source>Derive a variable: name = expression</source>
   <translation>Eine Variable ableiten: Name = Ausdruck</translation>
  </message>
  <message>
   <source>Did it change? The comparison is made within persons.</source>
   <translation>Hat es sich geändert? Verglichen wird innerhalb der Personen.</translation>
  </message>
  <message>
   <source>Differences</source>
   <translation>Unterschiede</translation>
  </message>
  <message>
   <source>Distinct</source>
   <translation>Verschiedene</translation>
  </message>
  <message>
   <source>Distribution</source>
   <translation>Verteilung</translation>
  </message>
  <message>
   <source>Distribution with cuts</source>
   <translation>Verteilung mit Schnitten</translation>
  </message>
  <message>
   <source>Do the items hang together?</source>
   <translation>Gehören die Items zusammen?</translation>
  </message>
  <message>
   <source>Doane</source>
   <translation>Doane</translation>
  </message>
  <message>
   <source>Dots per inch</source>
   <translation>Punkte je Zoll</translation>
  </message>
  <message>
   <source>Drag the two limits.</source>
   <translation>Ziehen Sie die beiden Grenzen.</translation>
  </message>
  <message>
   <source>Drop a data file or a study here, or open one.</source>
   <translation>Legen Sie eine Datendatei oder eine Studie hier ab, oder öffnen Sie eine.</translation>
  </message>
  <message>
   <source>Drop a data file or a study here: delimited text, a workbook, Parquet, Arrow, JSON or SQLite; packed files, too.</source>
   <translation>Legen Sie hier eine Datendatei oder eine Studie ab: Text mit Trennzeichen, Arbeitsmappe, Parquet, Arrow, JSON oder SQLite, auch gepackt.</translation>
  </message>
  <message>
   <source>Each column is a variable, cases run from top to bottom in the order of the file; the darker, the more is missing.</source>
   <translation>Jede Spalte ist eine Variable, die Fälle laufen von oben nach unten in der Reihenfolge der Datei; je dunkler, desto mehr fehlt.</translation>
  </message>
  <message>
   <source>Each is made from {low:,} to {high:,} rows.</source>
   <translation>Jede entsteht aus {low:,} bis {high:,} Zeilen.</translation>
  </message>
  <message>
   <source>Each row is</source>
   <translation>Jede Zeile ist</translation>
  </message>
  <message>
   <source>Each row is one</source>
   <translation>Jede Zeile steht für</translation>
  </message>
  <message>
   <source>Each row is one {one} of one {who}.</source>
   <translation>Jede Zeile steht für {one} bei {who}.</translation>
  </message>
  <message>
   <source>Each row stands for as many cases as</source>
   <translation>Jede Zeile steht für so viele Fälle, wie</translation>
  </message>
  <message>
   <source>Each row stands for as many cases as {name} says.</source>
   <translation>Jede Zeile steht für so viele Fälle, wie {name} angibt.</translation>
  </message>
  <message>
   <source>Each value has one expected share, and their sum is above 0.</source>
   <translation>Jeder Wert hat einen erwarteten Anteil, und ihre Summe liegt über 0.</translation>
  </message>
  <message>
   <source>Edges</source>
   <translation>Kanten</translation>
  </message>
  <message>
   <source>Edges are two or more numbers in ascending order.</source>
   <translation>Klassengrenzen sind zwei oder mehr Zahlen in steigender Reihenfolge.</translation>
  </message>
  <message>
   <source>Eight</source>
   <translation>Acht</translation>
  </message>
  <message>
   <source>Eleven</source>
   <translation>Elf</translation>
  </message>
  <message>
   <source>Ends</source>
   <translation>Enden</translation>
  </message>
  <message>
   <source>Ends across</source>
   <translation>Enden waagrecht</translation>
  </message>
  <message>
   <source>Ends upwards</source>
   <translation>Enden senkrecht</translation>
  </message>
  <message>
   <source>English</source>
   <translation>Englisch</translation>
  </message>
  <message>
   <source>Enlarge the proof</source>
   <translation>Den Abzug vergrößern</translation>
  </message>
  <message>
   <source>Everything Istrel can do</source>
   <translation>Alles, was Istrel kann</translation>
  </message>
  <message>
   <source>Exchanged</source>
   <translation>Ausgetauscht</translation>
  </message>
  <message>
   <source>Exhibit</source>
   <translation>Darstellung</translation>
  </message>
  <message>
   <source>Expected counts</source>
   <translation>Erwartete Häufigkeiten</translation>
  </message>
  <message>
   <source>Expected shares belong to the values of one variable; count one, value by value.</source>
   <translation>Erwartete Anteile gehören zu den Werten einer Variablen; zählen Sie eine, Wert für Wert.</translation>
  </message>
  <message>
   <source>Expected shares stand in a table; leave “as {form}” out.</source>
   <translation>Erwartete Anteile stehen in einer Tabelle; lassen Sie „as {form}“ weg.</translation>
  </message>
  <message>
   <source>Explore the demo study</source>
   <translation>Die Beispielstudie ansehen</translation>
  </message>
  <message>
   <source>Export a folder with a file for each exhibit…</source>
   <translation>Einen Ordner mit einer Datei je Darstellung ausgeben …</translation>
  </message>
  <message>
   <source>Export manuscript</source>
   <translation>Manuskript ausgeben</translation>
  </message>
  <message>
   <source>Export manuscript ▾</source>
   <translation>Manuskript ausgeben ▾</translation>
  </message>
  <message>
   <source>Export the codebook…</source>
   <translation>Das Codebuch ausgeben …</translation>
  </message>
  <message>
   <source>Export the manuscript…</source>
   <translation>Das Manuskript ausgeben …</translation>
  </message>
  <message>
   <source>Export ▾</source>
   <translation>Ausgeben ▾</translation>
  </message>
  <message>
   <source>Fences</source>
   <translation>Zäune</translation>
  </message>
  <message>
   <source>Figures</source>
   <translation>Abbildungen</translation>
  </message>
  <message>
   <source>Figures, pt</source>
   <translation>Abbildungen, pt</translation>
  </message>
  <message>
   <source>Filled</source>
   <translation>Gefüllt</translation>
  </message>
  <message>
   <source>Find</source>
   <translation>Suchen</translation>
  </message>
  <message>
   <source>Find a finding</source>
   <translation>Einen Befund suchen</translation>
  </message>
  <message>
   <source>Find a value or a case number</source>
   <translation>Wert oder Fallnummer suchen</translation>
  </message>
  <message>
   <source>Find a variable</source>
   <translation>Eine Variable suchen</translation>
  </message>
  <message>
   <source>Find a variable  /</source>
   <translation>Variable suchen  /</translation>
  </message>
  <message>
   <source>Find a variable for the condition</source>
   <translation>Eine Variable für die Bedingung suchen</translation>
  </message>
  <message>
   <source>Find anything</source>
   <translation>Alles suchen</translation>
  </message>
  <message>
   <source>Find cases</source>
   <translation>Fälle suchen</translation>
  </message>
  <message>
   <source>First</source>
   <translation>Erster</translation>
  </message>
  <message>
   <source>First and last rows</source>
   <translation>Erste und letzte Zeilen</translation>
  </message>
  <message>
   <source>First edge</source>
   <translation>Erste Kante</translation>
  </message>
  <message>
   <source>First rows of the file</source>
   <translation>Erste Zeilen der Datei</translation>
  </message>
  <message>
   <source>First walks</source>
   <translation>Erste Rundgänge</translation>
  </message>
  <message>
   <source>Five</source>
   <translation>Fünf</translation>
  </message>
  <message>
   <source>Font of documents</source>
   <translation>Schrift der Dokumente</translation>
  </message>
  <message>
   <source>Found sound: {parts}.</source>
   <translation>Für gut befunden: {parts}.</translation>
  </message>
  <message>
   <source>Four</source>
   <translation>Vier</translation>
  </message>
  <message>
   <source>Freedman–Diaconis</source>
   <translation>Freedman–Diaconis</translation>
  </message>
  <message>
   <source>French</source>
   <translation>Französisch</translation>
  </message>
  <message>
   <source>Frequencies stand in rows, or with layout = answers each variable has a row.</source>
   <translation>Häufigkeiten stehen in Zeilen, oder mit layout = answers hat jede Variable eine Zeile.</translation>
  </message>
  <message>
   <source>Functions: {names}.</source>
   <translation>Funktionen: {names}.</translation>
  </message>
  <message>
   <source>Gather</source>
   <translation>Zusammenfassen</translation>
  </message>
  <message>
   <source>Gathering needs a key, and what of which variable is wanted.</source>
   <translation>Zum Zusammenfassen braucht es einen Schlüssel, und was von welcher Variablen gewünscht ist.</translation>
  </message>
  <message>
   <source>German</source>
   <translation>Deutsch</translation>
  </message>
  <message>
   <source>Go on to the Bench: Ctrl+3.</source>
   <translation>Gehen Sie weiter zur Werkbank: Ctrl+3.</translation>
  </message>
  <message>
   <source>Go on to the Codebook, or straight to the Bench.</source>
   <translation>Weiter zum Codebuch, oder gleich zur Werkbank.</translation>
  </message>
  <message>
   <source>Go on with</source>
   <translation>Weitermachen mit</translation>
  </message>
  <message>
   <source>Go to Intake</source>
   <translation>Zum Eingang</translation>
  </message>
  <message>
   <source>Go to the Bench and write the sentence</source>
   <translation>Zur Werkbank, den Satz schreiben</translation>
  </message>
  <message>
   <source>Go to the Bench: Ctrl+3.</source>
   <translation>Gehen Sie zur Werkbank: Ctrl+3.</translation>
  </message>
  <message>
   <source>Go to the Codebook</source>
   <translation>Zum Codebuch</translation>
  </message>
  <message>
   <source>Go to the Manuscript</source>
   <translation>Zum Manuskript</translation>
  </message>
  <message>
   <source>Go to the next number that moved</source>
   <translation>Zur nächsten Zahl, die sich geändert hat</translation>
  </message>
  <message>
   <source>Goes with</source>
   <translation>Geht einher mit</translation>
  </message>
  <message>
   <source>Groups come after “across”: describe age across site.</source>
   <translation>Gruppen kommen nach „across“: describe age across site.</translation>
  </message>
  <message>
   <source>Handbook</source>
   <translation>Handbuch</translation>
  </message>
  <message>
   <source>Handbook, at what is under the hand</source>
   <translation>Handbuch, zu dem, was gerade unter der Hand ist</translation>
  </message>
  <message>
   <source>Height, mm</source>
   <translation>Höhe, mm</translation>
  </message>
  <message>
   <source>Heights</source>
   <translation>Höhen</translation>
  </message>
  <message>
   <source>Hide counts</source>
   <translation>Anzahlen verbergen</translation>
  </message>
  <message>
   <source>Highest</source>
   <translation>Höchste</translation>
  </message>
  <message>
   <source>Histogram of {name}</source>
   <translation>Histogramm von {name}</translation>
  </message>
  <message>
   <source>Holm</source>
   <translation>Holm</translation>
  </message>
  <message>
   <source>House style</source>
   <translation>Hausstil</translation>
  </message>
  <message>
   <source>How did people answer the twelve items? Write the sentence, or click it.</source>
   <translation>Wie wurden die zwölf Items beantwortet? Schreiben Sie den Satz, oder klicken Sie ihn an.</translation>
  </message>
  <message>
   <source>How it was read</source>
   <translation>Wie gelesen wurde</translation>
  </message>
  <message>
   <source>How measures go together</source>
   <translation>Wie Messwerte zusammenhängen</translation>
  </message>
  <message>
   <source>How this number was computed</source>
   <translation>Wie diese Zahl berechnet wurde</translation>
  </message>
  <message>
   <source>How this source came to be is not known, so it cannot be made again.</source>
   <translation>Wie diese Quelle entstand, ist nicht bekannt; darum kann sie nicht noch einmal gebildet werden.</translation>
  </message>
  <message>
   <source>ICC</source>
   <translation>ICC</translation>
  </message>
  <message>
   <source>IQR</source>
   <translation>IQR</translation>
  </message>
  <message>
   <source>Identifier</source>
   <translation>Kennung</translation>
  </message>
  <message>
   <source>In classes</source>
   <translation>In Klassen</translation>
  </message>
  <message>
   <source>In numbers</source>
   <translation>In Zahlen</translation>
  </message>
  <message>
   <source>In several columns:</source>
   <translation>In mehreren Spalten:</translation>
  </message>
  <message>
   <source>In {place} {why}.</source>
   <translation>In {place}: {why}.</translation>
  </message>
  <message>
   <source>Intake</source>
   <translation>Eingang</translation>
  </message>
  <message>
   <source>Intake found answers that are codes, 9 or 99 or −9: click “treat … as missing” in one of its findings.</source>
   <translation>Der Eingang hat Antworten gefunden, die Codes sind, 9 oder 99 oder −9: Klicken Sie in einem seiner Befunde auf „… als fehlend behandeln“.</translation>
  </message>
  <message>
   <source>Interquartile range</source>
   <translation>Quartilsabstand</translation>
  </message>
  <message>
   <source>Interval</source>
   <translation>Intervall</translation>
  </message>
  <message>
   <source>Intervals</source>
   <translation>Intervalle</translation>
  </message>
  <message>
   <source>Into a template of your own…</source>
   <translation>In eine eigene Vorlage …</translation>
  </message>
  <message>
   <source>Item</source>
   <translation>Item</translation>
  </message>
  <message>
   <source>Items of one scale: {name} ({items}).</source>
   <translation>Items einer Skala: {name} ({items}).</translation>
  </message>
  <message>
   <source>Join by key</source>
   <translation>Verbinden über Schlüssel</translation>
  </message>
  <message>
   <source>Join, stack or reshape data…</source>
   <translation>Daten verbinden, stapeln oder umformen …</translation>
  </message>
  <message>
   <source>Join, stack, reshape…</source>
   <translation>Verbinden, stapeln, umformen …</translation>
  </message>
  <message>
   <source>Joining takes two sources: add the other one first.</source>
   <translation>Zum Verbinden braucht es zwei Quellen: Fügen Sie zuerst die andere hinzu.</translation>
  </message>
  <message>
   <source>Keep</source>
   <translation>Behalten</translation>
  </message>
  <message>
   <source>Keep as {label}   Ctrl ↵</source>
   <translation>{label} behalten   Ctrl ↵</translation>
  </message>
  <message>
   <source>Keep it: Ctrl+Enter, or the button at the right.</source>
   <translation>Behalten Sie sie: Ctrl+Enter, oder der Knopf rechts.</translation>
  </message>
  <message>
   <source>Keep the exhibit</source>
   <translation>Die Darstellung behalten</translation>
  </message>
  <message>
   <source>Kendall</source>
   <translation>Kendall</translation>
  </message>
  <message>
   <source>Keys</source>
   <translation>Tasten</translation>
  </message>
  <message>
   <source>Kurtosis (G2)</source>
   <translation>Wölbung (G2)</translation>
  </message>
  <message>
   <source>Label</source>
   <translation>Beschriftung</translation>
  </message>
  <message>
   <source>Label and unit</source>
   <translation>Beschriftung und Einheit</translation>
  </message>
  <message>
   <source>Label in bold</source>
   <translation>Nummer fett</translation>
  </message>
  <message>
   <source>Language</source>
   <translation>Sprache</translation>
  </message>
  <message>
   <source>Language of the window: {words}</source>
   <translation>Sprache des Fensters: {words}</translation>
  </message>
  <message>
   <source>Language: {words}</source>
   <translation>Sprache: {words}</translation>
  </message>
  <message>
   <source>Largest</source>
   <translation>Größter</translation>
  </message>
  <message>
   <source>Last</source>
   <translation>Letzter</translation>
  </message>
  <message>
   <source>Latin 9</source>
   <translation>Latein 9</translation>
  </message>
  <message>
   <source>Lay a codebook file over the variables…</source>
   <translation>Eine Codebuchdatei über die Variablen legen …</translation>
  </message>
  <message>
   <source>Lay a codebook over the variables</source>
   <translation>Ein Codebuch über die Variablen legen</translation>
  </message>
  <message>
   <source>Layout</source>
   <translation>Aufbau</translation>
  </message>
  <message>
   <source>Least count</source>
   <translation>Kleinste Anzahl</translation>
  </message>
  <message>
   <source>Leave the walk</source>
   <translation>Den Rundgang verlassen</translation>
  </message>
  <message>
   <source>Left as it is</source>
   <translation>Gelassen, wie es ist</translation>
  </message>
  <message numerus="yes">
   <source>Left out: {n:,} [row|rows] under the names, for programs alone.</source>
   <translation>
    <numerusform>Ausgelassen: {n:,} Zeile unter den Namen, nur für Programme gedacht.</numerusform>
    <numerusform>Ausgelassen: {n:,} Zeilen unter den Namen, nur für Programme gedacht.</numerusform>
   </translation>
  </message>
  <message>
   <source>Letter</source>
   <translation>US-Letter</translation>
  </message>
  <message>
   <source>Letters</source>
   <translation>Zeichen</translation>
  </message>
  <message>
   <source>Level</source>
   <translation>Skalenniveau</translation>
  </message>
  <message>
   <source>Level of measurement: {level}</source>
   <translation>Messniveau: {level}</translation>
  </message>
  <message>
   <source>Limit the cases in use</source>
   <translation>Die verwendeten Fälle einschränken</translation>
  </message>
  <message>
   <source>Limits between which values are wanted</source>
   <translation>Grenzen, zwischen denen die gewünschten Werte liegen</translation>
  </message>
  <message>
   <source>Limits of agreement are drawn of measured variables.</source>
   <translation>Übereinstimmungsgrenzen werden von gemessenen Variablen gezeichnet.</translation>
  </message>
  <message>
   <source>Line</source>
   <translation>Linie</translation>
  </message>
  <message>
   <source>Load a house style</source>
   <translation>Einen Hausstil laden</translation>
  </message>
  <message>
   <source>Load…</source>
   <translation>Laden …</translation>
  </message>
  <message>
   <source>Logarithmic</source>
   <translation>Logarithmisch</translation>
  </message>
  <message>
   <source>Long to wide</source>
   <translation>Lang zu breit</translation>
  </message>
  <message>
   <source>Long to wide needs a key, the variable that tells the rows apart, and the values to spread.</source>
   <translation>Lang zu breit braucht einen Schlüssel, die Variable, die die Zeilen unterscheidet, und die Werte zum Ausbreiten.</translation>
  </message>
  <message>
   <source>Look at data</source>
   <translation>Daten ansehen</translation>
  </message>
  <message>
   <source>Look at data before opening…</source>
   <translation>Daten vor dem Öffnen ansehen …</translation>
  </message>
  <message>
   <source>Look of the desk: {words}</source>
   <translation>Aussehen des Schreibtischs: {words}</translation>
  </message>
  <message>
   <source>Look, size, language ▾</source>
   <translation>Aussehen, Größe, Sprache ▾</translation>
  </message>
  <message>
   <source>Look: {words}</source>
   <translation>Aussehen: {words}</translation>
  </message>
  <message>
   <source>Looked at and found sound: {what}.</source>
   <translation>Angesehen und in Ordnung: {what}.</translation>
  </message>
  <message>
   <source>Looking through the file…</source>
   <translation>Die Datei wird durchgesehen …</translation>
  </message>
  <message>
   <source>Lowest</source>
   <translation>Niedrigste</translation>
  </message>
  <message>
   <source>Lowest and highest, with their rows</source>
   <translation>Niedrigste und höchste mit ihren Zeilen</translation>
  </message>
  <message>
   <source>Lying</source>
   <translation>Liegend</translation>
  </message>
  <message>
   <source>MAD</source>
   <translation>MAD</translation>
  </message>
  <message>
   <source>Made with Istrel {version}.</source>
   <translation>Erstellt mit Istrel {version}.</translation>
  </message>
  <message>
   <source>Main text</source>
   <translation>Haupttext</translation>
  </message>
  <message>
   <source>Manuscript</source>
   <translation>Manuskript</translation>
  </message>
  <message>
   <source>Manuscript: {kept} kept  Ctrl+4</source>
   <translation>Manuskript: {kept} behalten  Ctrl+4</translation>
  </message>
  <message>
   <source>Map of missing values</source>
   <translation>Karte der fehlenden Werte</translation>
  </message>
  <message>
   <source>Margin note: {words}</source>
   <translation>Randbemerkung: {words}</translation>
  </message>
  <message>
   <source>Margins above and below, mm</source>
   <translation>Ränder oben und unten, mm</translation>
  </message>
  <message>
   <source>Marked</source>
   <translation>Markiert</translation>
  </message>
  <message>
   <source>Marked as personal: its values are not shown.</source>
   <translation>Als personenbezogen markiert: die Werte werden nicht gezeigt.</translation>
  </message>
  <message>
   <source>Mdn</source>
   <translation>Mdn</translation>
  </message>
  <message>
   <source>Mean</source>
   <translation>Mittelwert</translation>
  </message>
  <message>
   <source>Measure</source>
   <translation>Maß</translation>
  </message>
  <message>
   <source>Measurements over time</source>
   <translation>Messungen über die Zeit</translation>
  </message>
  <message>
   <source>Median</source>
   <translation>Median</translation>
  </message>
  <message>
   <source>Methods text</source>
   <translation>Methodentext</translation>
  </message>
  <message>
   <source>Missing</source>
   <translation>Fehlend</translation>
  </message>
  <message>
   <source>Missing together</source>
   <translation>Gemeinsam fehlend</translation>
  </message>
  <message>
   <source>Missing values</source>
   <translation>Fehlende Werte</translation>
  </message>
  <message>
   <source>Most frequent</source>
   <translation>Häufigste</translation>
  </message>
  <message>
   <source>Moving mean of</source>
   <translation>Gleitender Mittelwert aus</translation>
  </message>
  <message>
   <source>Name</source>
   <translation>Name</translation>
  </message>
  <message>
   <source>Name the study</source>
   <translation>Die Studie benennen</translation>
  </message>
  <message>
   <source>Name the study…</source>
   <translation>Die Studie benennen …</translation>
  </message>
  <message>
   <source>Names stand in back quotes, texts in double ones: write `{plain}`.</source>
   <translation>Namen stehen in umgekehrten Häkchen, Texte in doppelten: schreiben Sie `{plain}`.</translation>
  </message>
  <message>
   <source>Names stand in back quotes, texts in double ones: write `{value}`.</source>
   <translation>Namen stehen in umgekehrten Häkchen, Texte in doppelten: schreiben Sie `{value}`.</translation>
  </message>
  <message>
   <source>Names that stand more than once ({names}) got a number behind.</source>
   <translation>Namen, die mehrmals vorkommen ({names}), haben eine Nummer erhalten.</translation>
  </message>
  <message>
   <source>Names were found in line {line}; what stands above is left out.</source>
   <translation>Die Namen stehen in Zeile {line}; was darüber steht, ist ausgelassen.</translation>
  </message>
  <message>
   <source>Names were found in row {row} of the sheet “{name}”; what stands above is left out.</source>
   <translation>Die Namen stehen in Zeile {row} des Blatts „{name}“; was darüber steht, ist ausgelassen.</translation>
  </message>
  <message>
   <source>Nine</source>
   <translation>Neun</translation>
  </message>
  <message>
   <source>No case in use has a value, so there is nothing to draw.</source>
   <translation>Kein verwendeter Fall hat einen Wert, also gibt es nichts zu zeichnen.</translation>
  </message>
  <message>
   <source>No case in use has both a time and a value, so there is no line to draw.</source>
   <translation>Kein verwendeter Fall hat eine Zeit und einen Wert, also gibt es keine Linie zu zeichnen.</translation>
  </message>
  <message>
   <source>No case in use has both “{value}” and “{value_2}”, so there is nothing to draw.</source>
   <translation>Kein verwendeter Fall hat „{value}“ und „{value_2}“, also gibt es nichts zu zeichnen.</translation>
  </message>
  <message>
   <source>No case meets “{text}” ({total:,} cases read); there is nothing to work on.</source>
   <translation>Kein Fall erfüllt „{text}“ ({total:,} Fälle gelesen); es gibt nichts, womit zu arbeiten wäre.</translation>
  </message>
  <message>
   <source>No table describes the participants (Table 1): characteristics, with n.</source>
   <translation>Keine Tabelle beschreibt die Teilnehmenden (Tabelle 1): Merkmale, mit n.</translation>
  </message>
  <message>
   <source>No value is missing.</source>
   <translation>Kein Wert fehlt.</translation>
  </message>
  <message>
   <source>No value of these variables is missing, so there is no map to draw.</source>
   <translation>Kein Wert dieser Variablen fehlt, also gibt es keine Karte zu zeichnen.</translation>
  </message>
  <message>
   <source>No value of “{name}” is above 0, so it has no logarithmic axis; leave log out.</source>
   <translation>Kein Wert von „{name}“ liegt über 0, also hat es keine logarithmische Achse; lassen Sie log weg.</translation>
  </message>
  <message>
   <source>No variable is a category.</source>
   <translation>Keine Variable ist eine Kategorie.</translation>
  </message>
  <message>
   <source>No variable is measured.</source>
   <translation>Keine Variable ist gemessen.</translation>
  </message>
  <message>
   <source>Nominal</source>
   <translation>Nominal</translation>
  </message>
  <message>
   <source>Not drawn: {above:,} above.</source>
   <translation>Nicht gezeichnet: {above:,} darüber.</translation>
  </message>
  <message>
   <source>Not drawn: {below:,} below, {above:,} above.</source>
   <translation>Nicht gezeichnet: {below:,} darunter, {above:,} darüber.</translation>
  </message>
  <message>
   <source>Not drawn: {below:,} below.</source>
   <translation>Nicht gezeichnet: {below:,} darunter.</translation>
  </message>
  <message>
   <source>Nothing</source>
   <translation>Nichts</translation>
  </message>
  <message>
   <source>Nothing in this matrix has a value, so there is nothing to draw; set it as table.</source>
   <translation>Nichts in dieser Matrix hat einen Wert, also gibt es nichts zu zeichnen; setzen Sie sie als table.</translation>
  </message>
  <message>
   <source>Nothing is called so. Try other letters, or write a whole sentence.</source>
   <translation>So heißt nichts. Versuchen Sie andere Buchstaben, oder schreiben Sie einen ganzen Satz.</translation>
  </message>
  <message>
   <source>Nothing is kept yet. At the Bench, Ctrl+Enter keeps the exhibit that is on paper; headings and paragraphs are added below the outline.</source>
   <translation>Noch ist nichts behalten. An der Werkbank behält Ctrl+Enter die Darstellung, die auf dem Papier steht; Überschriften und Absätze kommen unter der Gliederung hinzu.</translation>
  </message>
  <message>
   <source>Nothing moved.</source>
   <translation>Nichts hat sich geändert.</translation>
  </message>
  <message>
   <source>Nothing says how the statistics were computed; “+ methods text” beside an exhibit does.</source>
   <translation>Nichts sagt, wie die Statistiken berechnet wurden; „+ Methodentext“ neben einer Darstellung sagt es.</translation>
  </message>
  <message>
   <source>Nothing that a reviewer would raise.</source>
   <translation>Nichts, was im Gutachten beanstandet würde.</translation>
  </message>
  <message>
   <source>Nothing to look at</source>
   <translation>Nichts anzusehen</translation>
  </message>
  <message>
   <source>Number</source>
   <translation>Zahl</translation>
  </message>
  <message>
   <source>Number of classes</source>
   <translation>Anzahl der Klassen</translation>
  </message>
  <message>
   <source>Numbered by chapter</source>
   <translation>Nummeriert nach Kapiteln</translation>
  </message>
  <message>
   <source>Numbers</source>
   <translation>Zahlen</translation>
  </message>
  <message>
   <source>Numbers are not opened where small counts are hidden: their working would tell them.</source>
   <translation>Zahlen werden nicht geöffnet, wo kleine Häufigkeiten verborgen sind: Ihr Rechenweg würde sie verraten.</translation>
  </message>
  <message>
   <source>Numbers of the figure on the paper</source>
   <translation>Zahlen der Abbildung auf dem Papier</translation>
  </message>
  <message>
   <source>Of different kinds, so read as text: {names}.</source>
   <translation>Von verschiedener Art, daher als Text gelesen: {names}.</translation>
  </message>
  <message>
   <source>Of the categories of “{name}” only n and % are shown; {instead}.</source>
   <translation>Von den Kategorien von „{name}“ werden nur n und % gezeigt; {instead}.</translation>
  </message>
  <message>
   <source>Of “{text}” each case can have several answers, so it makes no groups; count it instead.</source>
   <translation>Von „{text}“ kann jeder Fall mehrere Antworten haben, also bildet es keine Gruppen; zählen Sie es.</translation>
  </message>
  <message>
   <source>On the sheet “{name}” there are also tables in {places}.</source>
   <translation>Auf dem Blatt „{name}“ stehen auch Tabellen in {places}.</translation>
  </message>
  <message>
   <source>One</source>
   <translation>Eine</translation>
  </message>
  <message>
   <source>One axis is shared by 2 to {most} variables.</source>
   <translation>Eine Achse teilen sich 2 bis {most} Variablen.</translation>
  </message>
  <message>
   <source>One measure on several occasions: {name} ({columns}).</source>
   <translation>Ein Maß zu mehreren Zeitpunkten: {name} ({columns}).</translation>
  </message>
  <message>
   <source>One question with several answers: {name} ({answers}).</source>
   <translation>Eine Frage mit mehreren Antworten: {name} ({answers}).</translation>
  </message>
  <message>
   <source>One value under {n} spellings</source>
   <translation>Ein Wert in {n} Schreibweisen</translation>
  </message>
  <message>
   <source>Only the sheet “{name}” was read; there are also {others}.</source>
   <translation>Nur das Blatt „{name}“ wurde gelesen; es gibt auch {others}.</translation>
  </message>
  <message>
   <source>Only the table “{name}” was read; there are also {others}.</source>
   <translation>Nur die Tabelle „{name}“ wurde gelesen; es gibt auch {others}.</translation>
  </message>
  <message>
   <source>Only “{name}” was read; in the archive there are also {others}.</source>
   <translation>Nur „{name}“ wurde gelesen; im Archiv gibt es auch {others}.</translation>
  </message>
  <message>
   <source>Open data or a study</source>
   <translation>Daten oder eine Studie öffnen</translation>
  </message>
  <message>
   <source>Open data or a study…</source>
   <translation>Daten oder eine Studie öffnen …</translation>
  </message>
  <message>
   <source>Open…</source>
   <translation>Öffnen …</translation>
  </message>
  <message>
   <source>Order</source>
   <translation>Reihenfolge</translation>
  </message>
  <message>
   <source>Ordinal</source>
   <translation>Ordinal</translation>
  </message>
  <message>
   <source>Outliers by</source>
   <translation>Ausreißer nach</translation>
  </message>
  <message>
   <source>Outline</source>
   <translation>Umriss</translation>
  </message>
  <message>
   <source>Outline of the manuscript</source>
   <translation>Gliederung des Manuskripts</translation>
  </message>
  <message>
   <source>Page and fonts</source>
   <translation>Seite und Schriften</translation>
  </message>
  <message>
   <source>Pages as PDF need the Pango library of the system (libpango); choose .docx or .html.</source>
   <translation>Seiten als PDF brauchen die Bibliothek Pango des Systems (libpango); wählen Sie .docx oder .html.</translation>
  </message>
  <message>
   <source>Pairs</source>
   <translation>Paare</translation>
  </message>
  <message>
   <source>Paper</source>
   <translation>Papier</translation>
  </message>
  <message>
   <source>Paragraph</source>
   <translation>Absatz</translation>
  </message>
  <message>
   <source>Partial coefficients are not defined under weights; leave “given” out, or add “with unweighted”.</source>
   <translation>Partielle Koeffizienten sind mit Gewichten nicht definiert; lassen Sie „given“ weg, oder fügen Sie „with unweighted“ hinzu.</translation>
  </message>
  <message>
   <source>Paste cells as data</source>
   <translation>Zellen als Daten einfügen</translation>
  </message>
  <message>
   <source>Paths follow persons over occasions: say whose rows these are at the head of the Codebook (or with --person), and name the occasions after “across”.</source>
   <translation>Pfade folgen Personen über Zeitpunkte: Sagen Sie am Kopf des Codebuchs (oder mit --person), wessen Zeilen das sind, und nennen Sie die Zeitpunkte nach „across“.</translation>
  </message>
  <message>
   <source>Pearson</source>
   <translation>Pearson</translation>
  </message>
  <message>
   <source>Pearson’s r over the cases that both have; the darker, the stronger.</source>
   <translation>Pearsons r über die Fälle, die beide haben; je dunkler, desto stärker.</translation>
  </message>
  <message>
   <source>Per</source>
   <translation>Je</translation>
  </message>
  <message>
   <source>Percentages</source>
   <translation>Prozente</translation>
  </message>
  <message>
   <source>Percentages of the valid answers.</source>
   <translation>Prozente der gültigen Antworten.</translation>
  </message>
  <message>
   <source>Percentiles</source>
   <translation>Perzentile</translation>
  </message>
  <message>
   <source>Persons</source>
   <translation>Personen</translation>
  </message>
  <message>
   <source>Point at a number of a proof first; Ctrl+Shift+N then cites it.</source>
   <translation>Zeigen Sie zuerst auf eine Zahl eines Abzugs; Ctrl+Shift+N zitiert sie dann.</translation>
  </message>
  <message>
   <source>Print the manuscript…</source>
   <translation>Das Manuskript drucken …</translation>
  </message>
  <message>
   <source>Print…</source>
   <translation>Drucken …</translation>
  </message>
  <message>
   <source>Proof</source>
   <translation>Abzug</translation>
  </message>
  <message>
   <source>Pulled most by</source>
   <translation>Am stärksten gezogen von</translation>
  </message>
  <message>
   <source>Put data together</source>
   <translation>Daten zusammenführen</translation>
  </message>
  <message>
   <source>Quantiles</source>
   <translation>Quantile</translation>
  </message>
  <message>
   <source>Read changed files again</source>
   <translation>Geänderte Dateien neu lesen</translation>
  </message>
  <message>
   <source>Read the file differently</source>
   <translation>Die Datei anders lesen</translation>
  </message>
  <message>
   <source>Read the manuscript as a reviewer would</source>
   <translation>Das Manuskript lesen wie im Gutachten</translation>
  </message>
  <message>
   <source>Reading</source>
   <translation>Gutachten</translation>
  </message>
  <message>
   <source>Reading was cancelled; nothing was changed.</source>
   <translation>Das Lesen wurde abgebrochen; nichts wurde verändert.</translation>
  </message>
  <message>
   <source>Reading {name} …</source>
   <translation>{name} wird gelesen …</translation>
  </message>
  <message>
   <source>Reading …</source>
   <translation>Wird gelesen …</translation>
  </message>
  <message>
   <source>Reason for corrections</source>
   <translation>Grund der Berichtigungen</translation>
  </message>
  <message>
   <source>Redo</source>
   <translation>Wiederholen</translation>
  </message>
  <message>
   <source>Reduce the proof</source>
   <translation>Den Abzug verkleinern</translation>
  </message>
  <message>
   <source>Refer to</source>
   <translation>Verweisen auf</translation>
  </message>
  <message>
   <source>Refresh a document</source>
   <translation>Ein Dokument auffrischen</translation>
  </message>
  <message>
   <source>Refresh a document that was edited since…</source>
   <translation>Ein seither bearbeitetes Dokument auffrischen …</translation>
  </message>
  <message>
   <source>Refresh one with tracked changes…</source>
   <translation>Eines mit nachverfolgten Änderungen auffrischen …</translation>
  </message>
  <message>
   <source>Refreshed</source>
   <translation>Aufgefrischt</translation>
  </message>
  <message>
   <source>Relate needs two variables or more; name another, or rank against one with “against”.</source>
   <translation>Relate braucht zwei oder mehr Variablen; nennen Sie noch eine, oder reihen Sie mit „against“ gegen eine.</translation>
  </message>
  <message>
   <source>Reproducibility</source>
   <translation>Reproduzierbarkeit</translation>
  </message>
  <message>
   <source>Results text</source>
   <translation>Ergebnistext</translation>
  </message>
  <message>
   <source>Reviewer’s reading</source>
   <translation>Lesen im Gutachten</translation>
  </message>
  <message>
   <source>Row</source>
   <translation>Zeile</translation>
  </message>
  <message>
   <source>Row {row:,} is no case:</source>
   <translation>Zeile {row:,} ist kein Fall:</translation>
  </message>
  <message>
   <source>Rows are told apart by {names}.</source>
   <translation>Zeilen unterscheidet {names}.</translation>
  </message>
  <message>
   <source>Rows are weighted by {name}.</source>
   <translation>Die Zeilen sind mit {name} gewichtet.</translation>
  </message>
  <message>
   <source>Rules, pt</source>
   <translation>Linien, pt</translation>
  </message>
  <message>
   <source>SD</source>
   <translation>SD</translation>
  </message>
  <message>
   <source>SE</source>
   <translation>SE</translation>
  </message>
  <message>
   <source>SE for SD</source>
   <translation>SE statt SD</translation>
  </message>
  <message>
   <source>Save as…</source>
   <translation>Sichern unter …</translation>
  </message>
  <message>
   <source>Save the house style</source>
   <translation>Den Hausstil sichern</translation>
  </message>
  <message>
   <source>Say what you want in one sentence,</source>
   <translation>Sagen Sie in einem Satz, was Sie wollen,</translation>
  </message>
  <message>
   <source>Scale</source>
   <translation>Skala</translation>
  </message>
  <message>
   <source>Scott</source>
   <translation>Scott</translation>
  </message>
  <message>
   <source>See it on its page: Manuscript in the rail, or Ctrl+4.</source>
   <translation>Sehen Sie es auf seiner Seite: Manuskript in der Leiste, oder Ctrl+4.</translation>
  </message>
  <message>
   <source>Sentence</source>
   <translation>Satz</translation>
  </message>
  <message>
   <source>Set aside, for they do not have the {fields} fields of the names: {lines}.</source>
   <translation>Beiseitegelegt, weil sie nicht die {fields} Felder der Namenszeile haben: {lines}.</translation>
  </message>
  <message>
   <source>Setting</source>
   <translation>Gesetzt</translation>
  </message>
  <message>
   <source>Setting the proof …</source>
   <translation>Der Abzug wird gesetzt …</translation>
  </message>
  <message>
   <source>Settings are {names}.</source>
   <translation>Einstellungen sind {names}.</translation>
  </message>
  <message>
   <source>Seven</source>
   <translation>Sieben</translation>
  </message>
  <message>
   <source>Shape</source>
   <translation>Aufbau</translation>
  </message>
  <message>
   <source>Shares that are expected are for count; “{verb}” does not take them.</source>
   <translation>Erwartete Anteile gehören zu count; „{verb}“ nimmt sie nicht.</translation>
  </message>
  <message>
   <source>Sheather–Jones</source>
   <translation>Sheather–Jones</translation>
  </message>
  <message>
   <source>Ships with Istrel; the first change makes a copy that belongs to the study.</source>
   <translation>Gehört zu Istrel; die erste Änderung macht eine Kopie, die zur Studie gehört.</translation>
  </message>
  <message>
   <source>Show the cases</source>
   <translation>Die Fälle zeigen</translation>
  </message>
  <message>
   <source>Silverman</source>
   <translation>Silverman</translation>
  </message>
  <message>
   <source>Single cases</source>
   <translation>Einzelne Fälle</translation>
  </message>
  <message>
   <source>Single cases cannot be shown where small counts are hidden; leave points out.</source>
   <translation>Einzelne Fälle können nicht gezeigt werden, wo kleine Anzahlen verborgen sind; lassen Sie points weg.</translation>
  </message>
  <message>
   <source>Six</source>
   <translation>Sechs</translation>
  </message>
  <message>
   <source>Size of everything: {size} %</source>
   <translation>Größe von allem: {size} %</translation>
  </message>
  <message>
   <source>Size: {size} %</source>
   <translation>Größe: {size} %</translation>
  </message>
  <message>
   <source>Sizes</source>
   <translation>Größen</translation>
  </message>
  <message>
   <source>Skewness (G1)</source>
   <translation>Schiefe (G1)</translation>
  </message>
  <message>
   <source>Small counts are not hidden in the table of a scale; leave hide_below out.</source>
   <translation>In der Tabelle einer Skala werden kleine Anzahlen nicht verborgen; lassen Sie hide_below weg.</translation>
  </message>
  <message>
   <source>Small counts are not hidden where persons are counted; leave one of both out.</source>
   <translation>Wo Personen gezählt werden, werden kleine Anzahlen nicht verborgen; lassen Sie eines von beiden weg.</translation>
  </message>
  <message>
   <source>Small counts are not hidden where “{name}” stands in several columns; describe these one by one.</source>
   <translation>Wo „{name}“ in mehreren Spalten steht, werden kleine Anzahlen nicht verborgen; beschreiben Sie diese einzeln.</translation>
  </message>
  <message>
   <source>Small counts cannot be hidden where several variables share an axis.</source>
   <translation>Wo sich mehrere Variablen eine Achse teilen, können kleine Anzahlen nicht verborgen werden.</translation>
  </message>
  <message>
   <source>Smallest</source>
   <translation>Kleinster</translation>
  </message>
  <message>
   <source>Smoothness</source>
   <translation>Glättung</translation>
  </message>
  <message>
   <source>Something is missing at the end of the sentence.</source>
   <translation>Am Ende des Satzes fehlt etwas.</translation>
  </message>
  <message>
   <source>Sorted</source>
   <translation>Sortiert</translation>
  </message>
  <message>
   <source>Spanish</source>
   <translation>Spanisch</translation>
  </message>
  <message>
   <source>Spearman</source>
   <translation>Spearman</translation>
  </message>
  <message>
   <source>Stack</source>
   <translation>Stapeln</translation>
  </message>
  <message>
   <source>Stacking takes two sources or more.</source>
   <translation>Zum Stapeln braucht es zwei oder mehr Quellen.</translation>
  </message>
  <message>
   <source>Standard deviation</source>
   <translation>Standardabweichung</translation>
  </message>
  <message>
   <source>Statistics are {names}.</source>
   <translation>Statistiken sind {names}.</translation>
  </message>
  <message>
   <source>Statistics, in this order</source>
   <translation>Statistiken, in dieser Reihenfolge</translation>
  </message>
  <message>
   <source>Strata and clusters belong to a weighted sample; say which variable weighs the rows, too.</source>
   <translation>Schichten und Klumpen gehören zu einer gewichteten Stichprobe; sagen Sie auch, welche Variable die Zeilen gewichtet.</translation>
  </message>
  <message>
   <source>Strata: {name}.</source>
   <translation>Schichten: {name}.</translation>
  </message>
  <message>
   <source>Stray spaces</source>
   <translation>Überzählige Leerzeichen</translation>
  </message>
  <message>
   <source>Studies</source>
   <translation>Studien</translation>
  </message>
  <message>
   <source>Sturges</source>
   <translation>Sturges</translation>
  </message>
  <message>
   <source>Supplement</source>
   <translation>Ergänzung</translation>
  </message>
  <message>
   <source>Table 1 of a trial</source>
   <translation>Tabelle 1 einer Studie mit Gruppen</translation>
  </message>
  <message>
   <source>Table on the paper</source>
   <translation>Tabelle auf dem Papier</translation>
  </message>
  <message>
   <source>Tables</source>
   <translation>Tabellen</translation>
  </message>
  <message>
   <source>Tables, pt</source>
   <translation>Tabellen, pt</translation>
  </message>
  <message>
   <source>Take these numbers again</source>
   <translation>Diese Zahlen neu übernehmen</translation>
  </message>
  <message>
   <source>Tells who a person is: it stays out of data that are given away.</source>
   <translation>Verrät, wer eine Person ist: Es bleibt aus Daten heraus, die weitergegeben werden.</translation>
  </message>
  <message>
   <source>Ten</source>
   <translation>Zehn</translation>
  </message>
  <message>
   <source>Tests</source>
   <translation>Tests</translation>
  </message>
  <message>
   <source>Tests of differences</source>
   <translation>Tests auf Unterschiede</translation>
  </message>
  <message>
   <source>Text</source>
   <translation>Text</translation>
  </message>
  <message>
   <source>Text among dates</source>
   <translation>Text unter Datumsangaben</translation>
  </message>
  <message>
   <source>Text among numbers</source>
   <translation>Text unter Zahlen</translation>
  </message>
  <message>
   <source>Text, pt</source>
   <translation>Text, pt</translation>
  </message>
  <message>
   <source>That was it. Everything that you did is a step that Ctrl+Z takes back; F1 opens the handbook.</source>
   <translation>Das war es. Alles, was Sie getan haben, nimmt Ctrl+Z zurück; F1 öffnet das Handbuch.</translation>
  </message>
  <message>
   <source>The answers cannot stand in columns: {why}.</source>
   <translation>Die Antworten können nicht in Spalten stehen: {why}.</translation>
  </message>
  <message>
   <source>The axis {sides} has no numbers; the one that has takes {other}.</source>
   <translation>Die Achse {sides} hat keine Zahlen; die, die welche hat, nimmt {other}.</translation>
  </message>
  <message>
   <source>The codebook stands in {path}.</source>
   <translation>Das Codebuch steht in {path}.</translation>
  </message>
  <message>
   <source>The data have a variable “{occasion}” already; rename it, so that “{name}” can have occasions.</source>
   <translation>Die Daten haben schon eine Variable „{occasion}“; benennen Sie sie um, damit „{name}“ Zeitpunkte haben kann.</translation>
  </message>
  <message>
   <source>The first row is data: the variables are named by their place.</source>
   <translation>Die erste Zeile enthält Daten: Die Variablen heißen nach ihrer Stelle.</translation>
  </message>
  <message>
   <source>The first {n:,}; {more:,} more are in the list.</source>
   <translation>Die ersten {n:,}; {more:,} weitere stehen in der Liste.</translation>
  </message>
  <message>
   <source>The first {n} measures.</source>
   <translation>Die ersten {n} Messwerte.</translation>
  </message>
  <message>
   <source>The flow of cases takes groups after “across”.</source>
   <translation>Der Fluss der Fälle nimmt Gruppen nach „across“.</translation>
  </message>
  <message>
   <source>The names stand over two rows, which were joined.</source>
   <translation>Die Namen stehen über zwei Zeilen, die zusammengefügt wurden.</translation>
  </message>
  <message>
   <source>The note of {label} {says}.</source>
   <translation>Die Anmerkung von {label} {says}.</translation>
  </message>
  <message>
   <source>The number of classes is from 1 to {most_classes:,}; {number} is not.</source>
   <translation>Die Zahl der Klassen liegt zwischen 1 und {most_classes:,}; {number} nicht.</translation>
  </message>
  <message>
   <source>The only source of a study cannot be taken out.</source>
   <translation>Die einzige Quelle einer Studie kann nicht herausgenommen werden.</translation>
  </message>
  <message>
   <source>The proof as large as fits</source>
   <translation>Der Abzug so groß wie möglich</translation>
  </message>
  <message>
   <source>The record of the study cannot be understood.</source>
   <translation>Die Aufzeichnung der Studie ist nicht zu verstehen.</translation>
  </message>
  <message>
   <source>The record of “{kind}” cannot be understood.</source>
   <translation>Die Aufzeichnung von „{kind}“ ist nicht zu verstehen.</translation>
  </message>
  <message>
   <source>The records under “{key}” were read.</source>
   <translation>Gelesen wurden die Datensätze unter „{key}“.</translation>
  </message>
  <message>
   <source>The report stands in {path}.</source>
   <translation>Der Bericht steht in {path}.</translation>
  </message>
  <message>
   <source>The row of names is a whole number counted from 1; 0 where the file has no names.</source>
   <translation>Die Zeile mit den Namen ist eine ganze Zahl, gezählt ab 1; 0, wo die Datei keine Namen hat.</translation>
  </message>
  <message>
   <source>The row under the names says more of them ({words}): it became labels and units.</source>
   <translation>Die Zeile unter den Namen sagt mehr über sie ({words}): Daraus wurden Beschriftungen und Einheiten.</translation>
  </message>
  <message>
   <source>The rows have no weights here; leave unweighted out.</source>
   <translation>Die Zeilen haben hier keine Gewichte; lassen Sie unweighted weg.</translation>
  </message>
  <message>
   <source>The rows look counted already:</source>
   <translation>Die Zeilen scheinen schon ausgezählt:</translation>
  </message>
  <message>
   <source>The rows may be weighted:</source>
   <translation>Die Zeilen sind vielleicht gewichtet:</translation>
  </message>
  <message>
   <source>The software is not named (SAMPL): for example “made with Istrel”.</source>
   <translation>Die Software wird nicht genannt (SAMPL): zum Beispiel „erstellt mit Istrel“.</translation>
  </message>
  <message>
   <source>The source of this is not in the study any more.</source>
   <translation>Die Quelle davon ist nicht mehr in der Studie.</translation>
  </message>
  <message>
   <source>The values after “in” stand in braces: {example}.</source>
   <translation>Die Werte nach „in“ stehen in geschweiften Klammern: {example}.</translation>
  </message>
  <message>
   <source>The values of “{name}” cannot be drawn as {form}: they are too large, too small or too few.</source>
   <translation>Die Werte von „{name}“ können nicht als {form} gezeichnet werden: Sie sind zu groß, zu klein oder zu wenige.</translation>
  </message>
  <message>
   <source>The values of “{name}” have no order in which they could be added up; leave cumulative out.</source>
   <translation>Die Werte von „{name}“ haben keine Ordnung, in der sie sich aufsummieren ließen; lassen Sie cumulative weg.</translation>
  </message>
  <message>
   <source>The {what} differs: {number} in {label}, {number_2} in {label_2}; say why.</source>
   <translation>{what} ist verschieden: {number} in {label}, {number_2} in {label_2}; sagen Sie, warum.</translation>
  </message>
  <message>
   <source>There are no words in “{language}” yet; name them in the style file, with language = "en".</source>
   <translation>Worte in „{language}“ gibt es noch nicht; nennen Sie sie in der Stildatei, mit language = "en".</translation>
  </message>
  <message>
   <source>There is already a variable “{name}”; a derived one needs a name of its own.</source>
   <translation>Eine Variable „{name}“ gibt es schon; eine abgeleitete braucht einen eigenen Namen.</translation>
  </message>
  <message>
   <source>There is no function “{function}”.{hint}</source>
   <translation>Es gibt keine Funktion „{function}“.{hint}</translation>
  </message>
  <message>
   <source>There is no house style “{name}”.{hint} Shipped: {names}; or name a .toml file.</source>
   <translation>Einen Hausstil „{name}“ gibt es nicht.{hint} Mitgeliefert: {names}; oder nennen Sie eine .toml-Datei.</translation>
  </message>
  <message>
   <source>There is no number in row “{row}” and column “{column}” of this figure.{offered}</source>
   <translation>In Zeile „{row}“ und Spalte „{column}“ dieser Abbildung steht keine Zahl.{offered}</translation>
  </message>
  <message>
   <source>There is no number in row “{row}” and column “{column}”.{offered}</source>
   <translation>In Zeile „{row}“ und Spalte „{column}“ steht keine Zahl.{offered}</translation>
  </message>
  <message>
   <source>There is no sentence yet. {begins}</source>
   <translation>Noch steht kein Satz da. {begins}</translation>
  </message>
  <message>
   <source>There is no setting “{word}”.{hint}</source>
   <translation>Es gibt keine Einstellung „{word}“.{hint}</translation>
  </message>
  <message>
   <source>There is no variable “{name}”.{hint}</source>
   <translation>Es gibt keine Variable „{name}“.{hint}</translation>
  </message>
  <message>
   <source>These values are too large or too close together for class intervals.</source>
   <translation>Diese Werte sind für Klassen zu groß oder liegen zu nah beieinander.</translation>
  </message>
  <message>
   <source>These variables are not measured in one unit; the Codebook says what each is measured in.</source>
   <translation>Diese Variablen sind nicht in einer Einheit gemessen; das Codebuch sagt, worin jede gemessen ist.</translation>
  </message>
  <message>
   <source>These variables are {one} and {other}; only what is of one level agrees.</source>
   <translation>Diese Variablen sind {one} und {other}; nur was von einem Skalenniveau ist, stimmt überein.</translation>
  </message>
  <message>
   <source>These variables have no value in common, so there is nothing to agree on.</source>
   <translation>Diese Variablen haben keinen Wert gemeinsam, also gibt es nichts, worin sie übereinstimmen könnten.</translation>
  </message>
  <message>
   <source>This draws {groups:,} groups; a figure as {form} holds {most}. </source>
   <translation>Das zeichnet {groups:,} Gruppen; eine Abbildung als {form} fasst {most}. </translation>
  </message>
  <message>
   <source>This exhibit is not in the manuscript any more.</source>
   <translation>Diese Darstellung steht nicht mehr im Manuskript.</translation>
  </message>
  <message>
   <source>This is nested more than {deepest} deep; make parts of it variables of their own.</source>
   <translation>Das ist mehr als {deepest}-fach verschachtelt; machen Sie Teile davon zu eigenen Variablen.</translation>
  </message>
  <message>
   <source>This is not in the manuscript any more.</source>
   <translation>Das steht nicht mehr im Manuskript.</translation>
  </message>
  <message>
   <source>This makes a heat map of {n} variables; one holds {most_variables}. Name fewer.</source>
   <translation>Das wird eine Heatmap von {n} Variablen; eine fasst {most_variables}. Nennen Sie weniger.</translation>
  </message>
  <message>
   <source>This makes a map of {n} variables; one holds {most_variables}. Name fewer.</source>
   <translation>Das wird eine Karte von {n} Variablen; eine fasst {most_variables}. Nennen Sie weniger.</translation>
  </message>
  <message>
   <source>This makes a table of {count:,} {what}; one holds {most:,}.</source>
   <translation>Das wird eine Tabelle mit {count:,} {what}; eine fasst {most:,}.</translation>
  </message>
  <message>
   <source>This makes {bars:,} bars; a figure holds {most_bars}. Name the most frequent (top = 10), or count classes.</source>
   <translation>Das werden {bars:,} Balken; eine Abbildung fasst {most_bars}. Nennen Sie die häufigsten (top = 10), oder zählen Sie Klassen.</translation>
  </message>
  <message>
   <source>This makes {n:,} groups; a table holds {most_groups:,}. Cross fewer variables, or limit the cases.</source>
   <translation>Das werden {n:,} Gruppen; eine Tabelle fasst {most_groups:,}. Kreuzen Sie weniger Variablen, oder schränken Sie die Fälle ein.</translation>
  </message>
  <message>
   <source>This makes {n} panels; a figure holds {most_panels}. Name fewer variables or groups.</source>
   <translation>Das werden {n} Felder; eine Abbildung fasst {most_panels}. Nennen Sie weniger Variablen oder Gruppen.</translation>
  </message>
  <message>
   <source>This makes {size:,} tiles; a heat map holds {most_tiles:,}. Name fewer values.</source>
   <translation>Das werden {size:,} Kacheln; eine Heatmap fasst {most_tiles:,}. Nennen Sie weniger Werte.</translation>
  </message>
  <message>
   <source>This number has no working that could be followed by hand: it is hidden, weighted, or more than sums and order.</source>
   <translation>Diese Zahl hat keinen Rechenweg, dem man von Hand folgen könnte: Sie ist verborgen, gewichtet oder mehr als Summen und Reihenfolge.</translation>
  </message>
  <message>
   <source>This relates {n:,} variables; a matrix holds {most_variables}. Name fewer.</source>
   <translation>Das setzt {n:,} Variablen in Beziehung; eine Matrix fasst {most_variables}. Nennen Sie weniger.</translation>
  </message>
  <message>
   <source>Thousands</source>
   <translation>Tausender</translation>
  </message>
  <message>
   <source>Three</source>
   <translation>Drei</translation>
  </message>
  <message>
   <source>Title in italics</source>
   <translation>Titel kursiv</translation>
  </message>
  <message>
   <source>Title in title case</source>
   <translation>Titel mit großen Anfangsbuchstaben</translation>
  </message>
  <message>
   <source>To be mended: {words}</source>
   <translation>Auszubessern: {words}</translation>
  </message>
  <message>
   <source>Total</source>
   <translation>Gesamt</translation>
  </message>
  <message>
   <source>Trimmed at each end</source>
   <translation>Gestutzt an jedem Ende</translation>
  </message>
  <message>
   <source>Tukey’s fences, or a robust z beyond 3.5</source>
   <translation>Tukeys Zäune, oder ein robustes z über 3,5</translation>
  </message>
  <message>
   <source>Twelve</source>
   <translation>Zwölf</translation>
  </message>
  <message>
   <source>Two</source>
   <translation>Zwei</translation>
  </message>
  <message>
   <source>Two precisions of the {what}: {number} in {label}, {number_2} in {label_2}.</source>
   <translation>Zwei Genauigkeiten ({what}): {number} in {label}, {number_2} in {label_2}.</translation>
  </message>
  <message>
   <source>Two values of the {what}: {number} in {label} but {number_2} in {label_2}; say why.</source>
   <translation>Zwei Werte ({what}): {number} in {label}, aber {number_2} in {label_2}; sagen Sie warum.</translation>
  </message>
  <message>
   <source>Undo</source>
   <translation>Rückgängig</translation>
  </message>
  <message>
   <source>Used in</source>
   <translation>Verwendet in</translation>
  </message>
  <message>
   <source>Valid</source>
   <translation>Gültig</translation>
  </message>
  <message>
   <source>Value</source>
   <translation>Wert</translation>
  </message>
  <message>
   <source>Values</source>
   <translation>Werte</translation>
  </message>
  <message>
   <source>Values run from {values:g} to {values_2:g}, beyond the bounds {low:g} and {high:g}.</source>
   <translation>Die Werte reichen von {values:g} bis {values_2:g}, über die Schranken {low:g} und {high:g} hinaus.</translation>
  </message>
  <message>
   <source>Values that are wanted</source>
   <translation>Gewünschte Werte</translation>
  </message>
  <message>
   <source>Values with labels</source>
   <translation>Werte mit Beschriftungen</translation>
  </message>
  <message>
   <source>Variable</source>
   <translation>Variable</translation>
  </message>
  <message>
   <source>Variable by variable</source>
   <translation>Variable für Variable</translation>
  </message>
  <message>
   <source>Variables</source>
   <translation>Variablen</translation>
  </message>
  <message>
   <source>Variables against several others are set as table; “{shape}” shows all with each other.</source>
   <translation>Variablen gegen mehrere andere werden als table gesetzt; „{shape}“ zeigt alle miteinander.</translation>
  </message>
  <message>
   <source>Variables for the condition</source>
   <translation>Variablen für die Bedingung</translation>
  </message>
  <message>
   <source>Variables of the file</source>
   <translation>Variablen der Datei</translation>
  </message>
  <message>
   <source>Variables stand one by one here; combinations (×) are counted with “count”.</source>
   <translation>Hier stehen Variablen einzeln; Kombinationen (×) werden mit „count“ gezählt.</translation>
  </message>
  <message>
   <source>Walk over the table on the paper</source>
   <translation>Mit den Tasten durch die Tabelle auf dem Papier gehen</translation>
  </message>
  <message>
   <source>Walk: {title}</source>
   <translation>Rundgang: {title}</translation>
  </message>
  <message>
   <source>What a reviewer might raise</source>
   <translation>Was im Gutachten beanstandet werden könnte</translation>
  </message>
  <message>
   <source>What is compared with a norm stands in rows; leave layout out.</source>
   <translation>Was mit einer Norm verglichen wird, steht in Zeilen; lassen Sie layout weg.</translation>
  </message>
  <message>
   <source>What is drawn reaches from {min:.4g} to {max:.4g}, beyond {name} {low:g} and {high:g}; </source>
   <translation>Was gezeichnet wird, reicht von {min:.4g} bis {max:.4g}, über {name} {low:g} und {high:g} hinaus; </translation>
  </message>
  <message>
   <source>What is said of its columns was left out: {problem}</source>
   <translation>Was über die Spalten gesagt ist, wurde ausgelassen: {problem}</translation>
  </message>
  <message>
   <source>What may stand here</source>
   <translation>Was hier stehen kann</translation>
  </message>
  <message>
   <source>What stands in the columns comes after “against”: count site against format.</source>
   <translation>Was in den Spalten steht, kommt nach „against“: count site against format.</translation>
  </message>
  <message>
   <source>What to look at</source>
   <translation>Was anzusehen ist</translation>
  </message>
  <message>
   <source>What was found</source>
   <translation>Was gefunden wurde</translation>
  </message>
  <message>
   <source>What would you like to know?</source>
   <translation>Was möchten Sie wissen?</translation>
  </message>
  <message>
   <source>Whiskers</source>
   <translation>Antennen</translation>
  </message>
  <message>
   <source>Who was in which group?</source>
   <translation>Wer war in welcher Gruppe?</translation>
  </message>
  <message>
   <source>Wide to long</source>
   <translation>Breit zu lang</translation>
  </message>
  <message>
   <source>Wide to long gathers two variables or more.</source>
   <translation>Breit zu lang fasst zwei oder mehr Variablen zusammen.</translation>
  </message>
  <message>
   <source>Width</source>
   <translation>Breite</translation>
  </message>
  <message>
   <source>Width, mm</source>
   <translation>Breite, mm</translation>
  </message>
  <message>
   <source>Windows western</source>
   <translation>Windows westlich</translation>
  </message>
  <message>
   <source>With counts below {below} hidden nothing of this plane is left to draw; set it as table.</source>
   <translation>Wenn Anzahlen unter {below} verborgen sind, bleibt von dieser Fläche nichts zu zeichnen; setzen Sie sie als table.</translation>
  </message>
  <message>
   <source>With counts below {below} hidden, nothing of “{name}” is left to draw: its figure would tell groups of fewer cases, or fewer missing values. Set it as table.</source>
   <translation>Wenn Anzahlen unter {below} verborgen sind, bleibt von „{name}“ nichts zu zeichnen: Die Abbildung verriete Gruppen mit weniger Fällen, oder weniger fehlende Werte. Setzen Sie es als table.</translation>
  </message>
  <message>
   <source>With row {row:,} another table begins:</source>
   <translation>Mit Zeile {row:,} beginnt eine andere Tabelle:</translation>
  </message>
  <message>
   <source>With several answers:</source>
   <translation>Mit mehreren Antworten:</translation>
  </message>
  <message>
   <source>With small counts hidden only counts can be drawn; leave the percentages or residuals out.</source>
   <translation>Wenn kleine Anzahlen verborgen sind, können nur Anzahlen gezeichnet werden; lassen Sie Prozente oder Residuen weg.</translation>
  </message>
  <message>
   <source>With small counts hidden the shares cannot be drawn; set it as table.</source>
   <translation>Wenn kleine Anzahlen verborgen sind, können die Anteile nicht gezeichnet werden; setzen Sie es als table.</translation>
  </message>
  <message>
   <source>Within persons</source>
   <translation>Innerhalb der Personen</translation>
  </message>
  <message>
   <source>Within persons Pearson’s r is defined; leave the method out.</source>
   <translation>Innerhalb der Personen ist Pearsons r definiert; lassen Sie method weg.</translation>
  </message>
  <message>
   <source>Without weights</source>
   <translation>Ohne Gewichte</translation>
  </message>
  <message>
   <source>Word before notes</source>
   <translation>Wort vor Anmerkungen</translation>
  </message>
  <message>
   <source>Words that no longer hold, as the exhibits say them now</source>
   <translation>Worte, die nicht mehr stimmen, so wie die Darstellungen sie jetzt sagen</translation>
  </message>
  <message>
   <source>Write a name and what it is made from, for example age_z = z(age).</source>
   <translation>Schreiben Sie einen Namen und woraus er gebildet wird, zum Beispiel age_z = z(age).</translation>
  </message>
  <message>
   <source>Write a number as it shall print, and its unit: {example}. “{text}” is none.</source>
   <translation>Schreiben Sie eine Zahl, wie sie gedruckt werden soll, und ihre Einheit: {example}. „{text}“ ist keine.</translation>
  </message>
  <message>
   <source>Write a package for an archive: data, codebook, exhibits…</source>
   <translation>Ein Paket für ein Archiv schreiben: Daten, Codebuch, Darstellungen …</translation>
  </message>
  <message>
   <source>Write names with commas, or a stretch of them: `{first}` .. `{last}`.</source>
   <translation>Schreiben Sie Namen mit Kommas, oder eine Reihe davon: `{first}` .. `{last}`.</translation>
  </message>
  <message>
   <source>Write the codebook</source>
   <translation>Das Codebuch schreiben</translation>
  </message>
  <message>
   <source>Write the intake as a report</source>
   <translation>Den Eingang als Bericht schreiben</translation>
  </message>
  <message>
   <source>Write the intake as a report…</source>
   <translation>Den Eingang als Bericht schreiben …</translation>
  </message>
  <message>
   <source>Writes itself from what was done</source>
   <translation>Schreibt sich selbst aus dem, was getan wurde</translation>
  </message>
  <message>
   <source>Zero before r and p</source>
   <translation>Null vor r und p</translation>
  </message>
  <message>
   <source>Zeros</source>
   <translation>Nullen</translation>
  </message>
  <message numerus="yes">
   <source>[an earlier one|an earlier row] in every column.</source>
   <translation>
    <numerusform>eine frühere in jeder Spalte.</numerusform>
    <numerusform>eine frühere Zeile in jeder Spalte.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[case|cases]</source>
   <translation>
    <numerusform>Fall</numerusform>
    <numerusform>Fälle</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[complete case|complete cases]</source>
   <translation>
    <numerusform>vollständiger Fall</numerusform>
    <numerusform>vollständige Fälle</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[it holds|they hold] the names once more.</source>
   <translation>
    <numerusform>sie enthält noch einmal die Namen.</numerusform>
    <numerusform>sie enthalten noch einmal die Namen.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[it reads|they read] “{words}”.</source>
   <translation>
    <numerusform>darin steht „{words}“.</numerusform>
    <numerusform>darin steht „{words}“.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[lies|lie] far from the rest, which runs from {low} to {high}.</source>
   <translation>
    <numerusform>liegt weit vom Rest, der von {low} bis {high} reicht.</numerusform>
    <numerusform>liegen weit vom Rest, der von {low} bis {high} reicht.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[row|rows]</source>
   <translation>
    <numerusform>Zeile</numerusform>
    <numerusform>Zeilen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[row|rows] {rows}</source>
   <translation>
    <numerusform>Zeile {rows}</numerusform>
    <numerusform>Zeilen {rows}</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[set it aside|set them aside]</source>
   <translation>
    <numerusform>beiseitelegen</numerusform>
    <numerusform>beiseitelegen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[steps|step] back in time, against the order of the file.</source>
   <translation>
    <numerusform>geht in der Zeit zurück, gegen die Reihenfolge der Datei.</numerusform>
    <numerusform>gehen in der Zeit zurück, gegen die Reihenfolge der Datei.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[tells|tell] who a person is ({held}); marked, it stays out of data that are given away.</source>
   <translation>
    <numerusform>verrät, wer eine Person ist ({held}); so markiert, bleibt es aus Daten heraus, die weitergegeben werden.</numerusform>
    <numerusform>verraten, wer eine Person ist ({held}); so markiert, bleibt es aus Daten heraus, die weitergegeben werden.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[tells|tell] who a person is; marked, it stays out of data that are given away.</source>
   <translation>
    <numerusform>verrät, wer eine Person ist; so markiert, bleibt es aus Daten heraus, die weitergegeben werden.</numerusform>
    <numerusform>verraten, wer eine Person ist; so markiert, bleibt es aus Daten heraus, die weitergegeben werden.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>[variable|variables]</source>
   <translation>
    <numerusform>Variable</numerusform>
    <numerusform>Variablen</numerusform>
   </translation>
  </message>
  <message>
   <source>a PDF document; copy its table and paste it here, or ask for the data it was made from</source>
   <translation>ein PDF-Dokument; kopieren Sie seine Tabelle und fügen Sie sie hier ein, oder fragen Sie nach den Daten dahinter</translation>
  </message>
  <message>
   <source>a case of its own</source>
   <translation>ein eigener Fall</translation>
  </message>
  <message>
   <source>a codebook needs a column “name” (or “variable”, “field”, …); its columns are {there}.</source>
   <translation>ein Codebuch braucht eine Spalte „name“ (oder „variable“, „field“ …); seine Spalten sind {there}.</translation>
  </message>
  <message>
   <source>a condition: the cases in use</source>
   <translation>eine Bedingung: die verwendeten Fälle</translation>
  </message>
  <message>
   <source>a cross-table (count … against …)</source>
   <translation>einer Kreuztabelle (count … against …)</translation>
  </message>
  <message>
   <source>a curve runs on beyond the values, or ends at the smallest and largest; it ends where values cannot lie beyond</source>
   <translation>eine Kurve läuft über die Werte hinaus oder endet beim kleinsten und größten; sie endet dort, wo dahinter keine Werte liegen können</translation>
  </message>
  <message>
   <source>a data file of a statistics program; in it, {as_text}</source>
   <translation>eine Datendatei eines Statistikprogramms; dort: {as_text}</translation>
  </message>
  <message>
   <source>a factor: above 1 the curve is smoother, below 1 it is rougher</source>
   <translation>ein Faktor: über 1 ist die Kurve glatter, unter 1 rauer</translation>
  </message>
  <message>
   <source>a file of a row store (Avro, ORC); {as_text}</source>
   <translation>eine Datei eines Zeilenspeichers (Avro, ORC); {as_text}</translation>
  </message>
  <message>
   <source>a file of scientific arrays; {as_text}</source>
   <translation>eine Datei wissenschaftlicher Felder; {as_text}</translation>
  </message>
  <message>
   <source>a line for each person over the occasions, and means</source>
   <translation>eine Linie für jede Person über die Zeitpunkte, und Mittelwerte</translation>
  </message>
  <message>
   <source>a line through the dots</source>
   <translation>eine Linie durch die Punkte</translation>
  </message>
  <message>
   <source>a matrix as tiles</source>
   <translation>eine Matrix als Kacheln</translation>
  </message>
  <message>
   <source>a new paragraph of the manuscript</source>
   <translation>ein neuer Absatz des Manuskripts</translation>
  </message>
  <message>
   <source>a norm with which the mean is compared</source>
   <translation>eine Norm, mit der der Mittelwert verglichen wird</translation>
  </message>
  <message>
   <source>a number</source>
   <translation>eine Zahl</translation>
  </message>
  <message>
   <source>a number in the text</source>
   <translation>eine Zahl im Text</translation>
  </message>
  <message>
   <source>a picture; type its numbers into a workbook</source>
   <translation>ein Bild; tippen Sie seine Zahlen in eine Arbeitsmappe</translation>
  </message>
  <message>
   <source>a program, not data</source>
   <translation>ein Programm, keine Daten</translation>
  </message>
  <message>
   <source>a question with {n} answers</source>
   <translation>eine Frage mit {n} Antworten</translation>
  </message>
  <message>
   <source>a quote is opened and never closed</source>
   <translation>ein Anführungszeichen wird geöffnet und nie geschlossen</translation>
  </message>
  <message>
   <source>a record of this study cannot be understood.</source>
   <translation>eine Aufzeichnung dieser Studie ist nicht zu verstehen.</translation>
  </message>
  <message>
   <source>a row is longer than the reader can hold, or has quotes inside a field cut by “{delimiter}”</source>
   <translation>eine Zeile ist länger, als sich lesen lässt, oder hat Anführungszeichen in einem durch „{delimiter}“ getrennten Feld</translation>
  </message>
  <message>
   <source>a sentence with groups (across …)</source>
   <translation>einem Satz mit Gruppen (across …)</translation>
  </message>
  <message>
   <source>a small count would show as none</source>
   <translation>eine kleine Häufigkeit sähe aus wie keine</translation>
  </message>
  <message>
   <source>a smooth curve whose area is the share of cases</source>
   <translation>eine glatte Kurve, deren Fläche der Anteil der Fälle ist</translation>
  </message>
  <message>
   <source>a table</source>
   <translation>eine Tabelle</translation>
  </message>
  <message>
   <source>a table of items: how well they hang together</source>
   <translation>eine Tabelle der Items: wie gut sie zusammengehören</translation>
  </message>
  <message>
   <source>a text document; {as_text}</source>
   <translation>ein Textdokument; {as_text}</translation>
  </message>
  <message>
   <source>a variable of the codebook from now on</source>
   <translation>von nun an eine Variable des Codebuchs</translation>
  </message>
  <message>
   <source>a whole number</source>
   <translation>eine ganze Zahl</translation>
  </message>
  <message>
   <source>a workbook or document of an old format; {as_text}</source>
   <translation>eine Arbeitsmappe oder ein Dokument in einem alten Format; {as_text}</translation>
  </message>
  <message>
   <source>abbreviations</source>
   <translation>Abkürzungen</translation>
  </message>
  <message>
   <source>absolute value</source>
   <translation>Betrag</translation>
  </message>
  <message>
   <source>accept</source>
   <translation>annehmen</translation>
  </message>
  <message>
   <source>accept all</source>
   <translation>alle annehmen</translation>
  </message>
  <message>
   <source>accept all numbers</source>
   <translation>alle Zahlen annehmen</translation>
  </message>
  <message>
   <source>accept numbers</source>
   <translation>Zahlen annehmen</translation>
  </message>
  <message>
   <source>accept numbers in the text</source>
   <translation>Zahlen im Text annehmen</translation>
  </message>
  <message>
   <source>accept the number</source>
   <translation>die Zahl annehmen</translation>
  </message>
  <message>
   <source>accept the number in the text</source>
   <translation>die Zahl im Text annehmen</translation>
  </message>
  <message>
   <source>accept the numbers</source>
   <translation>die Zahlen annehmen</translation>
  </message>
  <message>
   <source>account numbers</source>
   <translation>Kontonummern</translation>
  </message>
  <message>
   <source>across</source>
   <translation>waagrecht</translation>
  </message>
  <message>
   <source>add the appendix</source>
   <translation>den Anhang hinzufügen</translation>
  </message>
  <message>
   <source>add the heading</source>
   <translation>die Überschrift hinzufügen</translation>
  </message>
  <message>
   <source>add the paragraph</source>
   <translation>den Absatz hinzufügen</translation>
  </message>
  <message>
   <source>add {name}</source>
   <translation>{name} hinzufügen</translation>
  </message>
  <message>
   <source>adjusted Fisher–Pearson skewness G1</source>
   <translation>angepasste Schiefe G1 nach Fisher und Pearson</translation>
  </message>
  <message>
   <source>adjusted excess kurtosis G2</source>
   <translation>angepasster Exzess G2</translation>
  </message>
  <message>
   <source>ages in years and months, read as years</source>
   <translation>Alter in Jahren und Monaten, als Jahre gelesen</translation>
  </message>
  <message>
   <source>alike</source>
   <translation>ähnlich</translation>
  </message>
  <message>
   <source>alike ones together</source>
   <translation>Ähnliche beisammen</translation>
  </message>
  <message>
   <source>all</source>
   <translation>alle</translation>
  </message>
  <message>
   <source>all at once</source>
   <translation>alle zugleich</translation>
  </message>
  <message>
   <source>all cases</source>
   <translation>alle Fälle</translation>
  </message>
  <message>
   <source>all cases are looked at here, whatever the condition</source>
   <translation>hier werden alle Fälle angesehen, was auch die Bedingung ist</translation>
  </message>
  <message>
   <source>all cases in use</source>
   <translation>alle Fälle verwendet</translation>
  </message>
  <message>
   <source>all cases in use again</source>
   <translation>wieder alle Fälle verwenden</translation>
  </message>
  <message>
   <source>all groups alike, or by how many cases they have</source>
   <translation>alle Gruppen gleich, oder nach der Zahl ihrer Fälle</translation>
  </message>
  <message>
   <source>all groups together, after the groups; of frequencies without groups a row of their sum</source>
   <translation>alle Gruppen zusammen, nach den Gruppen; bei Häufigkeiten ohne Gruppen eine Zeile ihrer Summe</translation>
  </message>
  <message>
   <source>all of them, as flow</source>
   <translation>alle zusammen, als flow</translation>
  </message>
  <message>
   <source>all rows of both</source>
   <translation>alle Zeilen von beiden</translation>
  </message>
  <message>
   <source>all rows of the source in use</source>
   <translation>alle Zeilen der verwendeten Quelle</translation>
  </message>
  <message>
   <source>an archive that is not unpacked here; unpack it, and open the file in it</source>
   <translation>ein Archiv, das hier nicht entpackt wird; entpacken Sie es, und öffnen Sie die Datei darin</translation>
  </message>
  <message>
   <source>an exhibit</source>
   <translation>eine Darstellung</translation>
  </message>
  <message>
   <source>an occasion of one {title}</source>
   <translation>ein Zeitpunkt von {title}</translation>
  </message>
  <message>
   <source>an option is a number or a word, written name = value.</source>
   <translation>eine Option ist eine Zahl oder ein Wort, geschrieben name = Wert.</translation>
  </message>
  <message>
   <source>and another</source>
   <translation>und noch eine</translation>
  </message>
  <message>
   <source>and its share</source>
   <translation>und sein Anteil</translation>
  </message>
  <message>
   <source>and stands for</source>
   <translation>und steht für</translation>
  </message>
  <message>
   <source>and {n:,} more</source>
   <translation>und {n:,} weitere</translation>
  </message>
  <message>
   <source>and {n:,} more lie in the future.</source>
   <translation>und {n:,} weitere liegen in der Zukunft.</translation>
  </message>
  <message>
   <source>and …</source>
   <translation>und …</translation>
  </message>
  <message>
   <source>another of {count}</source>
   <translation>eine andere von {count}</translation>
  </message>
  <message>
   <source>another picture</source>
   <translation>ein anderes Bild</translation>
  </message>
  <message>
   <source>answers in columns</source>
   <translation>Antworten in Spalten</translation>
  </message>
  <message>
   <source>are missing in a fifth of the cases or more ({names}).</source>
   <translation>fehlen in einem Fünftel der Fälle oder mehr ({names}).</translation>
  </message>
  <message>
   <source>are missing together in {cases}.</source>
   <translation>fehlen gemeinsam ({cases}).</translation>
  </message>
  <message>
   <source>are often 0 ({names}): a mean mixes who has none with how much the others have.</source>
   <translation>sind oft 0 ({names}): Ein Mittelwert vermengt, wer nichts hat, mit dem, wie viel die anderen haben.</translation>
  </message>
  <message>
   <source>are strongly skewed ({names}): the median describes them better than the mean.</source>
   <translation>sind stark schief ({names}): Der Median beschreibt sie besser als der Mittelwert.</translation>
  </message>
  <message>
   <source>are the same in every case ({names}): they can show no difference.</source>
   <translation>sind in jedem Fall gleich ({names}): Sie können keinen Unterschied zeigen.</translation>
  </message>
  <message>
   <source>are the same in nearly every case ({names}).</source>
   <translation>sind in fast jedem Fall gleich ({names}).</translation>
  </message>
  <message>
   <source>areas filled, or outlines alone</source>
   <translation>Flächen gefüllt, oder nur Umrisse</translation>
  </message>
  <message>
   <source>arithmetic</source>
   <translation>Rechnung</translation>
  </message>
  <message>
   <source>arithmetic mean</source>
   <translation>arithmetisches Mittel</translation>
  </message>
  <message>
   <source>as a condition</source>
   <translation>als Bedingung</translation>
  </message>
  <message>
   <source>as bands</source>
   <translation>als Klassen</translation>
  </message>
  <message>
   <source>as fits</source>
   <translation>wie es passt</translation>
  </message>
  <message>
   <source>as kept</source>
   <translation>wie behalten</translation>
  </message>
  <message>
   <source>as many as {title} says</source>
   <translation>so viele, wie {title} angibt</translation>
  </message>
  <message>
   <source>as the system</source>
   <translation>wie das System</translation>
  </message>
  <message>
   <source>at a glance</source>
   <translation>auf einen Blick</translation>
  </message>
  <message>
   <source>at least</source>
   <translation>mindestens</translation>
  </message>
  <message>
   <source>at most</source>
   <translation>höchstens</translation>
  </message>
  <message>
   <source>at the Bench</source>
   <translation>an der Werkbank</translation>
  </message>
  <message>
   <source>at the data</source>
   <translation>an den Daten</translation>
  </message>
  <message>
   <source>back to back</source>
   <translation>Rücken an Rücken</translation>
  </message>
  <message>
   <source>bands</source>
   <translation>Klassen</translation>
  </message>
  <message>
   <source>bandwidth × {factor:.3g}, drag to smooth</source>
   <translation>Bandbreite × {factor:.3g}, zum Glätten ziehen</translation>
  </message>
  <message>
   <source>bar</source>
   <translation>senkrechter Strich</translation>
  </message>
  <message>
   <source>bars</source>
   <translation>Balken</translation>
  </message>
  <message>
   <source>bars around each line</source>
   <translation>Striche um jede Zeile</translation>
  </message>
  <message>
   <source>bars one by one, their outline in steps, or a line through the middles of their tops</source>
   <translation>einzelne Balken, ihr Umriss in Stufen, oder eine Linie durch die Mitten ihrer Oberkanten</translation>
  </message>
  <message>
   <source>bars over class intervals</source>
   <translation>Balken über Klassen</translation>
  </message>
  <message>
   <source>bars, or cases of a missing map, sorted by what they show</source>
   <translation>Balken, oder die Fälle einer Fehlkarte, sortiert nach dem, was sie zeigen</translation>
  </message>
  <message>
   <source>being made</source>
   <translation>wird gemacht</translation>
  </message>
  <message>
   <source>below 10</source>
   <translation>unter 10</translation>
  </message>
  <message>
   <source>below 3</source>
   <translation>unter 3</translation>
  </message>
  <message>
   <source>below 5</source>
   <translation>unter 5</translation>
  </message>
  <message>
   <source>beside each other</source>
   <translation>nebeneinander</translation>
  </message>
  <message>
   <source>beside it</source>
   <translation>daneben</translation>
  </message>
  <message>
   <source>binary</source>
   <translation>binär</translation>
  </message>
  <message>
   <source>blank</source>
   <translation>leer</translation>
  </message>
  <message>
   <source>both</source>
   <translation>beide</translation>
  </message>
  <message>
   <source>both must hold</source>
   <translation>beide müssen gelten</translation>
  </message>
  <message>
   <source>both values of if( ) are texts, or none is.</source>
   <translation>beide Werte von if( ) sind Texte, oder keiner.</translation>
  </message>
  <message>
   <source>bring back</source>
   <translation>zurückholen</translation>
  </message>
  <message>
   <source>bring back the cases set aside</source>
   <translation>die beiseitegelegten Fälle zurückholen</translation>
  </message>
  <message>
   <source>bring in</source>
   <translation>einlesen</translation>
  </message>
  <message>
   <source>by cases</source>
   <translation>nach Fällen</translation>
  </message>
  <message>
   <source>by codebook</source>
   <translation>nach dem Codebuch</translation>
  </message>
  <message>
   <source>by ranks</source>
   <translation>nach Rängen</translation>
  </message>
  <message>
   <source>by the data</source>
   <translation>nach den Daten</translation>
  </message>
  <message>
   <source>by the form</source>
   <translation>nach der Form</translation>
  </message>
  <message>
   <source>by the groups</source>
   <translation>nach den Gruppen</translation>
  </message>
  <message>
   <source>by the names</source>
   <translation>nach den Namen</translation>
  </message>
  <message>
   <source>by variable</source>
   <translation>nach Variablen</translation>
  </message>
  <message>
   <source>by what can be</source>
   <translation>nach dem, was sein kann</translation>
  </message>
  <message>
   <source>by what is drawn</source>
   <translation>nach dem, was gezeichnet ist</translation>
  </message>
  <message>
   <source>by {name}</source>
   <translation>nach {name}</translation>
  </message>
  <message>
   <source>can be read in two ways; choose which</source>
   <translation>kann auf zwei Arten gelesen werden; wählen Sie, wie</translation>
  </message>
  <message>
   <source>cancel</source>
   <translation>abbrechen</translation>
  </message>
  <message>
   <source>cannot be made</source>
   <translation>kann nicht gemacht werden</translation>
  </message>
  <message>
   <source>cannot be made: {trouble}</source>
   <translation>kann nicht gemacht werden: {trouble}</translation>
  </message>
  <message>
   <source>case {row}</source>
   <translation>Fall {row}</translation>
  </message>
  <message>
   <source>cases without one of two values, or without any of all values, are left out</source>
   <translation>Fälle ohne einen von zwei Werten, oder ohne irgendeinen von allen Werten, bleiben weg</translation>
  </message>
  <message>
   <source>cases ▴</source>
   <translation>Fälle ▴</translation>
  </message>
  <message>
   <source>causal words</source>
   <translation>Worte von Ursachen</translation>
  </message>
  <message>
   <source>cells</source>
   <translation>Zellen</translation>
  </message>
  <message>
   <source>change its formula</source>
   <translation>die Formel ändern</translation>
  </message>
  <message>
   <source>change {number} of this study cannot be made again: {message}</source>
   <translation>Änderung {number} dieser Studie lässt sich nicht wiederholen: {message}</translation>
  </message>
  <message>
   <source>changes of this study are missing.</source>
   <translation>Änderungen dieser Studie fehlen.</translation>
  </message>
  <message>
   <source>check the logarithm</source>
   <translation>den Logarithmus prüfen</translation>
  </message>
  <message>
   <source>choose .docx, .html, .csv or .json, or add “as histogram”</source>
   <translation>wählen Sie .docx, .html, .csv oder .json, oder fügen Sie „as histogram“ hinzu</translation>
  </message>
  <message>
   <source>choose a table or a figure to copy</source>
   <translation>wählen Sie eine Tabelle oder eine Abbildung zum Kopieren</translation>
  </message>
  <message>
   <source>class bands between cuts</source>
   <translation>Klassen zwischen Schnitten</translation>
  </message>
  <message>
   <source>close</source>
   <translation>schließen</translation>
  </message>
  <message>
   <source>close a panel</source>
   <translation>ein Feld schließen</translation>
  </message>
  <message>
   <source>close the cases drawer</source>
   <translation>die Schublade der Fälle schließen</translation>
  </message>
  <message>
   <source>closed is left (a cut belongs to the band above it) or right.</source>
   <translation>closed ist left (ein Schnitt gehört zur Klasse darüber) oder right.</translation>
  </message>
  <message>
   <source>clusters</source>
   <translation>Klumpen</translation>
  </message>
  <message>
   <source>clusters by {title}</source>
   <translation>Klumpen nach {title}</translation>
  </message>
  <message>
   <source>codebook</source>
   <translation>Codebuch</translation>
  </message>
  <message>
   <source>codebook from {name}</source>
   <translation>Codebuch aus {name}</translation>
  </message>
  <message>
   <source>codes for “no answer”</source>
   <translation>Codes für „keine Antwort“</translation>
  </message>
  <message>
   <source>coefficient of variation, %</source>
   <translation>Variationskoeffizient, %</translation>
  </message>
  <message>
   <source>column {place} of {name}</source>
   <translation>Spalte {place} von {name}</translation>
  </message>
  <message>
   <source>columns</source>
   <translation>Spalten</translation>
  </message>
  <message>
   <source>columns of fixed width</source>
   <translation>Spalten fester Breite</translation>
  </message>
  <message>
   <source>comes before {earlier} in {cases}; in all others it comes after.</source>
   <translation>liegt vor {earlier} ({cases}); sonst immer danach.</translation>
  </message>
  <message>
   <source>comma</source>
   <translation>Komma</translation>
  </message>
  <message>
   <source>compare {other}</source>
   <translation>{other} vergleichen</translation>
  </message>
  <message>
   <source>complete cases</source>
   <translation>vollständige Fälle</translation>
  </message>
  <message>
   <source>complete rows</source>
   <translation>vollständige Zeilen</translation>
  </message>
  <message>
   <source>composite of the chosen</source>
   <translation>aus den gewählten zusammensetzen</translation>
  </message>
  <message>
   <source>confidence interval</source>
   <translation>Konfidenzintervall</translation>
  </message>
  <message>
   <source>confidence interval of the mean</source>
   <translation>Konfidenzintervall des Mittelwerts</translation>
  </message>
  <message>
   <source>confidence interval of the median</source>
   <translation>Konfidenzintervall des Medians</translation>
  </message>
  <message>
   <source>confidence intervals of percentages or coefficients; the band of a cumulative curve</source>
   <translation>Konfidenzintervalle der Prozente oder Koeffizienten; das Band einer kumulierten Kurve</translation>
  </message>
  <message>
   <source>continuous</source>
   <translation>stetig</translation>
  </message>
  <message>
   <source>copies</source>
   <translation>Kopien</translation>
  </message>
  <message>
   <source>copy</source>
   <translation>kopieren</translation>
  </message>
  <message>
   <source>copy this working as text</source>
   <translation>diesen Rechenweg als Text kopieren</translation>
  </message>
  <message>
   <source>correlation and association</source>
   <translation>Korrelation und Zusammenhang</translation>
  </message>
  <message>
   <source>count</source>
   <translation>Anzahl</translation>
  </message>
  <message>
   <source>count it as an answer in {names}</source>
   <translation>als Antwort zählen in {names}</translation>
  </message>
  <message>
   <source>count them one by one</source>
   <translation>einzeln zählen</translation>
  </message>
  <message>
   <source>count {codes} as an answer</source>
   <translation>{codes} als Antwort zählen</translation>
  </message>
  <message>
   <source>counts below this are hidden, and what would give them away</source>
   <translation>Anzahlen darunter werden verborgen, und was sie verraten würde</translation>
  </message>
  <message>
   <source>counts or shares as bars</source>
   <translation>Anzahlen oder Anteile als Balken</translation>
  </message>
  <message>
   <source>crossed with another</source>
   <translation>gekreuzt mit einer anderen</translation>
  </message>
  <message>
   <source>dark</source>
   <translation>dunkel</translation>
  </message>
  <message>
   <source>data of this study are missing.</source>
   <translation>Daten dieser Studie fehlen.</translation>
  </message>
  <message>
   <source>date</source>
   <translation>Datum</translation>
  </message>
  <message>
   <source>dates</source>
   <translation>Datumsangaben</translation>
  </message>
  <message>
   <source>dates and times written YYYYMMDDhhmmss.</source>
   <translation>Datum und Uhrzeit, geschrieben JJJJMMTThhmmss.</translation>
  </message>
  <message>
   <source>dates out of order</source>
   <translation>Datumsangaben außer der Reihe</translation>
  </message>
  <message>
   <source>dates written YYMMDD.</source>
   <translation>Daten, geschrieben JJMMTT.</translation>
  </message>
  <message>
   <source>dates written YYYYMMDD.</source>
   <translation>Daten in der Form JJJJMMTT.</translation>
  </message>
  <message>
   <source>day</source>
   <translation>Tag</translation>
  </message>
  <message>
   <source>day first</source>
   <translation>Tag zuerst</translation>
  </message>
  <message>
   <source>day of the month</source>
   <translation>Tag des Monats</translation>
  </message>
  <message>
   <source>day of the week, 1 for Monday</source>
   <translation>Wochentag, 1 für Montag</translation>
  </message>
  <message>
   <source>decimal comma</source>
   <translation>Dezimalkomma</translation>
  </message>
  <message>
   <source>decimal mark</source>
   <translation>Dezimalzeichen</translation>
  </message>
  <message>
   <source>decimal point</source>
   <translation>Dezimalpunkt</translation>
  </message>
  <message>
   <source>decimals are a whole number from 0 to 15; “{word}” is none.</source>
   <translation>Nachkommastellen sind eine ganze Zahl von 0 bis 15; „{word}“ ist keine.</translation>
  </message>
  <message>
   <source>decimals of measures in print</source>
   <translation>Nachkommastellen der Messwerte im Druck</translation>
  </message>
  <message>
   <source>decimals of {variable}</source>
   <translation>Nachkommastellen von {variable}</translation>
  </message>
  <message>
   <source>degrees, minutes and seconds, read as degrees, south and west below 0 ({number} for “{word}”).</source>
   <translation>Grad, Minuten und Sekunden, als Grad gelesen, Süd und West unter 0 ({number} für „{word}“).</translation>
  </message>
  <message>
   <source>delimiter</source>
   <translation>Trennzeichen</translation>
  </message>
  <message>
   <source>density</source>
   <translation>Dichte</translation>
  </message>
  <message>
   <source>derive</source>
   <translation>ableiten</translation>
  </message>
  <message>
   <source>derive bands that part them</source>
   <translation>Klassen ableiten, die sie trennen</translation>
  </message>
  <message>
   <source>derive its logarithm</source>
   <translation>den Logarithmus ableiten</translation>
  </message>
  <message>
   <source>derive the first number</source>
   <translation>die erste Zahl ableiten</translation>
  </message>
  <message>
   <source>derive the second</source>
   <translation>die zweite ableiten</translation>
  </message>
  <message>
   <source>derive whether {name} is above 0</source>
   <translation>ableiten, ob {name} über 0 liegt</translation>
  </message>
  <message>
   <source>derive whether {name} is “{word}”</source>
   <translation>ableiten, ob {name} „{word}“ ist</translation>
  </message>
  <message>
   <source>derive {name}</source>
   <translation>{name} ableiten</translation>
  </message>
  <message>
   <source>describe by medians</source>
   <translation>mit Medianen beschreiben</translation>
  </message>
  <message>
   <source>describe … across …    click a variable, or type</source>
   <translation>describe … across …    eine Variable anklicken, oder schreiben</translation>
  </message>
  <message>
   <source>descriptive statistics, and the distribution as a figure</source>
   <translation>beschreibende Statistiken, und die Verteilung als Abbildung</translation>
  </message>
  <message>
   <source>difference</source>
   <translation>Unterschied</translation>
  </message>
  <message>
   <source>distance from the mean</source>
   <translation>Abstand vom Mittelwert</translation>
  </message>
  <message>
   <source>distinct</source>
   <translation>verschieden</translation>
  </message>
  <message>
   <source>divide by {factor}</source>
   <translation>durch {factor} teilen</translation>
  </message>
  <message>
   <source>do the words still hold?</source>
   <translation>stimmen die Worte noch?</translation>
  </message>
  <message>
   <source>draw it</source>
   <translation>zeichnen</translation>
  </message>
  <message>
   <source>drawn again</source>
   <translation>neu gezeichnet</translation>
  </message>
  <message>
   <source>duplicate</source>
   <translation>verdoppeln</translation>
  </message>
  <message>
   <source>durations, read as hours</source>
   <translation>Dauern, gelesen als Stunden</translation>
  </message>
  <message>
   <source>durations, read as minutes</source>
   <translation>Dauern, als Minuten gelesen</translation>
  </message>
  <message>
   <source>durations, read as seconds</source>
   <translation>Dauern, als Sekunden gelesen</translation>
  </message>
  <message>
   <source>each class or value with all below it</source>
   <translation>jede Klasse oder jeder Wert mit allen darunter</translation>
  </message>
  <message>
   <source>each row counts as one, though the rows of the study are weighted</source>
   <translation>jede Zeile zählt einmal, obwohl die Zeilen der Studie gewichtet sind</translation>
  </message>
  <message>
   <source>each row is a case of its own</source>
   <translation>jede Zeile ist ein eigener Fall</translation>
  </message>
  <message>
   <source>each row stands for {name} cases</source>
   <translation>jede Zeile steht für so viele Fälle, wie {name} angibt</translation>
  </message>
  <message>
   <source>each {name} has several rows</source>
   <translation>zu jedem Wert von {name} gehören mehrere Zeilen</translation>
  </message>
  <message>
   <source>edit the methods text</source>
   <translation>den Methodentext bearbeiten</translation>
  </message>
  <message>
   <source>edit the notes</source>
   <translation>die Anmerkungen bearbeiten</translation>
  </message>
  <message>
   <source>edit the paragraph</source>
   <translation>den Absatz bearbeiten</translation>
  </message>
  <message>
   <source>edit the results text</source>
   <translation>den Ergebnistext bearbeiten</translation>
  </message>
  <message>
   <source>edit the title</source>
   <translation>den Titel bearbeiten</translation>
  </message>
  <message>
   <source>edited by hand</source>
   <translation>von Hand geändert</translation>
  </message>
  <message>
   <source>encoding</source>
   <translation>Kodierung</translation>
  </message>
  <message>
   <source>equal factors are equally far apart</source>
   <translation>gleiche Faktoren sind gleich weit voneinander</translation>
  </message>
  <message>
   <source>equal to</source>
   <translation>gleich</translation>
  </message>
  <message>
   <source>every case as a dot</source>
   <translation>jeder Fall als Punkt</translation>
  </message>
  <message>
   <source>every case as a dot besides</source>
   <translation>dazu jeder Fall als Punkt</translation>
  </message>
  <message>
   <source>every pair of more than two groups, with p for all of them together</source>
   <translation>jedes Paar von mehr als zwei Gruppen, mit p für alle zusammen</translation>
  </message>
  <message>
   <source>every variable that is continuous or a count</source>
   <translation>jede stetige Variable und jede Anzahl</translation>
  </message>
  <message>
   <source>every variable whose values are counted one by one</source>
   <translation>jede Variable, deren Werte einzeln gezählt werden</translation>
  </message>
  <message>
   <source>everywhere</source>
   <translation>überall</translation>
  </message>
  <message>
   <source>exchange the exhibit</source>
   <translation>die Darstellung austauschen</translation>
  </message>
  <message>
   <source>exponential</source>
   <translation>exponential</translation>
  </message>
  <message>
   <source>expression…</source>
   <translation>Ausdruck …</translation>
  </message>
  <message>
   <source>fences</source>
   <translation>Zäune</translation>
  </message>
  <message>
   <source>finding cases</source>
   <translation>Fälle werden gesucht</translation>
  </message>
  <message>
   <source>first and third quartile</source>
   <translation>erstes und drittes Quartil</translation>
  </message>
  <message>
   <source>first quartile</source>
   <translation>erstes Quartil</translation>
  </message>
  <message>
   <source>first values</source>
   <translation>erste Werte</translation>
  </message>
  <message>
   <source>first, second, … number in a text such as 136/80</source>
   <translation>erste, zweite, … Zahl in einem Text wie 136/80</translation>
  </message>
  <message>
   <source>fitting the levels</source>
   <translation>passend zum Messniveau</translation>
  </message>
  <message>
   <source>flags beside its numbers ({flags}) were left out.</source>
   <translation>Kennzeichen neben den Zahlen ({flags}) wurden weggelassen.</translation>
  </message>
  <message>
   <source>fold the {n}</source>
   <translation>die {n} zuklappen</translation>
  </message>
  <message>
   <source>footnote marks beside its numbers were left out.</source>
   <translation>Fußnotenzeichen neben den Zahlen wurden ausgelassen.</translation>
  </message>
  <message>
   <source>for each point by itself, or for all points at once</source>
   <translation>für jeden Punkt allein, oder für alle Punkte zugleich</translation>
  </message>
  <message>
   <source>for example 86.6 min, with at most 15 decimals</source>
   <translation>zum Beispiel 86.6 min, mit höchstens 15 Nachkommastellen</translation>
  </message>
  <message>
   <source>for example age &gt;= 18</source>
   <translation>zum Beispiel age &gt;= 18</translation>
  </message>
  <message>
   <source>for this exhibit only</source>
   <translation>nur für diese Darstellung</translation>
  </message>
  <message>
   <source>formula of {name}</source>
   <translation>Formel von {name}</translation>
  </message>
  <message>
   <source>found out</source>
   <translation>herausgefunden</translation>
  </message>
  <message>
   <source>frequencies (count without against)</source>
   <translation>Häufigkeiten (count ohne against)</translation>
  </message>
  <message>
   <source>frequencies; with “against” a cross-table</source>
   <translation>Häufigkeiten; mit „against“ eine Kreuztabelle</translation>
  </message>
  <message>
   <source>frequency</source>
   <translation>Häufigkeit</translation>
  </message>
  <message>
   <source>from all rows to the cases analysed, in boxes</source>
   <translation>von allen Zeilen zu den ausgewerteten Fällen, in Kästen</translation>
  </message>
  <message>
   <source>from one value to another, both included</source>
   <translation>von einem Wert bis zu einem anderen, beide eingeschlossen</translation>
  </message>
  <message>
   <source>from {low} to {high}</source>
   <translation>von {low} bis {high}</translation>
  </message>
  <message>
   <source>geometric mean</source>
   <translation>geometrisches Mittel</translation>
  </message>
  <message>
   <source>give it a name</source>
   <translation>einen Namen geben</translation>
  </message>
  <message>
   <source>gravest first</source>
   <translation>Schwerstes zuerst</translation>
  </message>
  <message>
   <source>groups in rows</source>
   <translation>Gruppen in Zeilen</translation>
  </message>
  <message>
   <source>groups in rows or side by side; the statistics one under the other; a column for each variable; or for each answer</source>
   <translation>Gruppen in Zeilen oder nebeneinander; die Statistiken untereinander; eine Spalte für jede Variable; oder für jede Antwort</translation>
  </message>
  <message>
   <source>groups side by side</source>
   <translation>Gruppen nebeneinander</translation>
  </message>
  <message>
   <source>half-years, read as their first days.</source>
   <translation>Halbjahre, als ihre ersten Tage gelesen.</translation>
  </message>
  <message>
   <source>harmonic mean</source>
   <translation>harmonisches Mittel</translation>
  </message>
  <message>
   <source>has another whole number in each of {cases}: an identifier?</source>
   <translation>hat jedes Mal eine andere ganze Zahl ({cases}): eine Kennung?</translation>
  </message>
  <message>
   <source>have a value far from the rest ({names}).</source>
   <translation>haben einen Wert weit ab von den übrigen ({names}).</translation>
  </message>
  <message>
   <source>have two humps or more ({names}): one mean hides them.</source>
   <translation>haben zwei Gipfel oder mehr ({names}): Ein einziger Mittelwert verbirgt sie.</translation>
  </message>
  <message>
   <source>high contrast</source>
   <translation>hoher Kontrast</translation>
  </message>
  <message>
   <source>highest</source>
   <translation>höchste</translation>
  </message>
  <message>
   <source>highest values and their cases</source>
   <translation>höchste Werte und ihre Fälle</translation>
  </message>
  <message>
   <source>hold only a few whole numbers ({names}): codes rather than measures?</source>
   <translation>enthalten nur wenige ganze Zahlen ({names}): eher Codes als Messwerte?</translation>
  </message>
  <message>
   <source>holds only {n} whole numbers, {low} to {high}: codes rather than measures?</source>
   <translation>hat nur {n} ganze Zahlen, {low} bis {high}: eher Codes als Messwerte?</translation>
  </message>
  <message>
   <source>holds only {one} and {other}: two answers, not a measure?</source>
   <translation>hat nur {one} und {other}: zwei Antworten, kein Messwert?</translation>
  </message>
  <message>
   <source>holds two numbers in a cell (“{two}”), so it was left as text.</source>
   <translation>enthält zwei Zahlen in einer Zelle („{two}“) und blieb deshalb Text.</translation>
  </message>
  <message>
   <source>hours and minutes, read as hours</source>
   <translation>Stunden und Minuten, gelesen als Stunden</translation>
  </message>
  <message>
   <source>how far each count lies from the expected one, in standard errors</source>
   <translation>wie weit jede Anzahl von der erwarteten liegt, in Standardfehlern</translation>
  </message>
  <message>
   <source>how far two raters or methods agree: kappa, intraclass correlations, limits of agreement</source>
   <translation>wie weit zwei Beurteilende oder Verfahren übereinstimmen: Kappa, Intraklassenkorrelationen, Übereinstimmungsgrenzen</translation>
  </message>
  <message>
   <source>how groups share the figure</source>
   <translation>wie sich Gruppen die Abbildung teilen</translation>
  </message>
  <message>
   <source>how many have a value</source>
   <translation>wie viele einen Wert haben</translation>
  </message>
  <message>
   <source>how many interquartile ranges beyond the quartiles a value is an outlier</source>
   <translation>um wie viele Quartilsabstände ein Wert jenseits der Quartile ein Ausreißer ist</translation>
  </message>
  <message>
   <source>how many of the variables have a value</source>
   <translation>wie viele der Variablen einen Wert haben</translation>
  </message>
  <message>
   <source>how much the groups differ: a standardized difference with its interval; of correlations by Fisher’s z</source>
   <translation>wie sehr sich die Gruppen unterscheiden: ein standardisierter Unterschied mit seinem Intervall; bei Korrelationen nach Fishers z</translation>
  </message>
  <message>
   <source>how often the mode occurs</source>
   <translation>wie oft der Modus vorkommt</translation>
  </message>
  <message>
   <source>how the bandwidth of a density is found</source>
   <translation>wie die Bandbreite einer Dichte gefunden wird</translation>
  </message>
  <message>
   <source>how the means of persons who have several rows go together</source>
   <translation>wie die Mittelwerte von Personen mit mehreren Zeilen zusammenhängen</translation>
  </message>
  <message>
   <source>how the width of the classes is found</source>
   <translation>wie die Breite der Klassen gefunden wird</translation>
  </message>
  <message>
   <source>how two shares in two groups are compared; d_z standardizes changes within persons by their own spread</source>
   <translation>wie zwei Anteile in zwei Gruppen verglichen werden; d_z standardisiert Veränderungen innerhalb der Personen an ihrer eigenen Streuung</translation>
  </message>
  <message>
   <source>how values move together in the rows of one person</source>
   <translation>wie sich Werte in den Zeilen einer Person miteinander bewegen</translation>
  </message>
  <message>
   <source>how wide the figure is on paper</source>
   <translation>wie breit die Abbildung auf dem Papier ist</translation>
  </message>
  <message>
   <source>humps</source>
   <translation>Gipfel</translation>
  </message>
  <message>
   <source>identifier</source>
   <translation>Kennung</translation>
  </message>
  <message>
   <source>in an empty sentence: the sentences before</source>
   <translation>im leeren Satz: die Sätze davor</translation>
  </message>
  <message>
   <source>in another unit</source>
   <translation>in einer anderen Einheit</translation>
  </message>
  <message>
   <source>in its steady steps; the largest from {first} to {last}.</source>
   <translation>in ihren gleichmäßigen Schritten; die größte von {first} bis {last}.</translation>
  </message>
  <message>
   <source>in memory</source>
   <translation>im Speicher</translation>
  </message>
  <message>
   <source>in no order</source>
   <translation>ohne Reihenfolge</translation>
  </message>
  <message>
   <source>in panels</source>
   <translation>in Feldern</translation>
  </message>
  <message>
   <source>in rows that overlap</source>
   <translation>in Reihen, die sich überlappen</translation>
  </message>
  <message>
   <source>in the note</source>
   <translation>in der Anmerkung</translation>
  </message>
  <message>
   <source>in the sentence: go to the offers</source>
   <translation>im Satz: zu den Angeboten</translation>
  </message>
  <message>
   <source>in the sentence: take the first offer</source>
   <translation>im Satz: das erste Angebot nehmen</translation>
  </message>
  <message>
   <source>in the table</source>
   <translation>in der Tabelle</translation>
  </message>
  <message>
   <source>in the text</source>
   <translation>im Text</translation>
  </message>
  <message>
   <source>in {name}, {cases}: {words}.</source>
   <translation>in {name}, {cases}: {words}.</translation>
  </message>
  <message>
   <source>in {name}: {kinds}.</source>
   <translation>in {name}: {kinds}.</translation>
  </message>
  <message numerus="yes">
   <source>in {name}: {texts}. {n:,} [case counts|cases count] as missing until then.</source>
   <translation>
    <numerusform>in {name}: {texts}. {n:,} Fall zählt bis dahin als fehlend.</numerusform>
    <numerusform>in {name}: {texts}. {n:,} Fälle zählen bis dahin als fehlend.</numerusform>
   </translation>
  </message>
  <message>
   <source>in {n} columns: {names}</source>
   <translation>in {n} Spalten: {names}</translation>
  </message>
  <message>
   <source>in {role} by</source>
   <translation>in {role} nach</translation>
  </message>
  <message>
   <source>interquartile range</source>
   <translation>Quartilsabstand</translation>
  </message>
  <message>
   <source>is 0 in {zeros:,} of {n:,} cases: a mean mixes who has none with how much the others have.</source>
   <translation>ist 0 in {zeros:,} von {n:,} Fällen: Ein Mittelwert vermengt, wer nichts hat, mit dem, wie viel die anderen haben.</translation>
  </message>
  <message>
   <source>is about {factor} times the rest, which runs from {low} to {high}: another unit?</source>
   <translation>ist etwa das {factor}-Fache der übrigen Werte, die von {low} bis {high} reichen: eine andere Einheit?</translation>
  </message>
  <message>
   <source>is missing</source>
   <translation>fehlt</translation>
  </message>
  <message numerus="yes">
   <source>is missing in {missing:,} of {n:,} [case|cases] ({share:.0f} %).</source>
   <translation>
    <numerusform>fehlt in {missing:,} von {n:,} Fall ({share:.0f} %).</numerusform>
    <numerusform>fehlt in {missing:,} von {n:,} Fällen ({share:.0f} %).</numerusform>
   </translation>
  </message>
  <message>
   <source>is missing, or is not missing</source>
   <translation>fehlt, oder fehlt nicht</translation>
  </message>
  <message>
   <source>is not in the study any more</source>
   <translation>steht nicht mehr in der Studie</translation>
  </message>
  <message>
   <source>is not missing</source>
   <translation>fehlt nicht</translation>
  </message>
  <message>
   <source>is strongly skewed (G1 = {skewness}): the median describes it better than the mean.</source>
   <translation>ist stark schief (G1 = {skewness}): Der Median beschreibt es besser als der Mittelwert.</translation>
  </message>
  <message>
   <source>is the same as {name}.</source>
   <translation>ist dasselbe wie {name}.</translation>
  </message>
  <message>
   <source>is {name} times {factor} (r = {r}).</source>
   <translation>ist {name} mal {factor} (r = {r}).</translation>
  </message>
  <message>
   <source>is “{value}” in all but {cases}.</source>
   <translation>ist überall „{value}“, bis auf {cases}.</translation>
  </message>
  <message>
   <source>is “{value}” in every case: it can show no difference.</source>
   <translation>ist in jedem Fall „{value}“: So kann es keinen Unterschied zeigen.</translation>
  </message>
  <message>
   <source>is “{word}” or nothing, in {cases} nothing: does nothing mean no?</source>
   <translation>ist „{word}“ oder nichts, in {cases} nichts: Heißt nichts nein?</translation>
  </message>
  <message>
   <source>it cannot be read as a workbook. Save it again from a spreadsheet program, or as delimited text (.csv).</source>
   <translation>sie lässt sich nicht als Arbeitsmappe lesen. Speichern Sie sie aus einem Tabellenprogramm neu, oder als Text mit Trennzeichen (.csv).</translation>
  </message>
  <message>
   <source>it does not hold its estimate</source>
   <translation>es enthält seinen Schätzwert nicht</translation>
  </message>
  <message>
   <source>it is not in the exhibit any more</source>
   <translation>es steht nicht mehr in der Darstellung</translation>
  </message>
  <message>
   <source>it is read-only</source>
   <translation>nur zum Lesen</translation>
  </message>
  <message>
   <source>it lies beyond 1</source>
   <translation>es liegt jenseits von 1</translation>
  </message>
  <message>
   <source>it was not found: taken out, or rewritten</source>
   <translation>nicht gefunden: herausgenommen oder umgeschrieben</translation>
  </message>
  <message>
   <source>item turned round on its scale</source>
   <translation>Item, auf seiner Skala umgedreht</translation>
  </message>
  <message>
   <source>its cell cannot be told from others in the table as it is</source>
   <translation>seine Zelle lässt sich in der Tabelle, wie sie ist, nicht von anderen unterscheiden</translation>
  </message>
  <message>
   <source>its dates are written in several ways; each was read in its own.</source>
   <translation>ihre Daten sind auf mehrere Arten geschrieben; jedes wurde auf seine gelesen.</translation>
  </message>
  <message>
   <source>its dates can be read either way; the day comes first, as in the other columns.</source>
   <translation>die Daten lassen sich auf zwei Arten lesen; der Tag steht vorn wie in den anderen Spalten.</translation>
  </message>
  <message>
   <source>its dates can be read either way; the month comes first, as in the other columns.</source>
   <translation>die Daten lassen sich auf zwei Arten lesen; der Monat steht vorn wie in den anderen Spalten.</translation>
  </message>
  <message>
   <source>its exhibits do not say that any more</source>
   <translation>seine Darstellungen sagen das nicht mehr</translation>
  </message>
  <message>
   <source>its last good copy is “{copy}” beside it: open that</source>
   <translation>ihre letzte gute Kopie ist „{copy}“ daneben: öffnen Sie diese</translation>
  </message>
  <message>
   <source>its lower limit is above the upper one</source>
   <translation>seine untere Grenze liegt über der oberen</translation>
  </message>
  <message>
   <source>its mark is gone here, so it was left as it is</source>
   <translation>die Markierung fehlt hier, deshalb blieb es, wie es ist</translation>
  </message>
  <message>
   <source>its name says times of day, and it was read as decimal numbers; if {value} is {clock}, write it with a colon.</source>
   <translation>der Name sagt Uhrzeiten, und gelesen wurden Dezimalzahlen; wenn {value} für {clock} steht, schreiben Sie es mit Doppelpunkt.</translation>
  </message>
  <message>
   <source>its name says years and months, and it was read as decimal numbers; write {example} for eight years and ten months.</source>
   <translation>der Name spricht von Jahren und Monaten, gelesen wurden Dezimalzahlen; schreiben Sie {example} für acht Jahre und zehn Monate.</translation>
  </message>
  <message numerus="yes">
   <source>its names are {names}; {n:,} [row follows|rows follow].</source>
   <translation>
    <numerusform>ihre Namen sind {names}; {n:,} Zeile folgt.</numerusform>
    <numerusform>ihre Namen sind {names}; {n:,} Zeilen folgen.</numerusform>
   </translation>
  </message>
  <message>
   <source>its numbers are in several units ({units}); it was left as text.</source>
   <translation>die Zahlen stehen in mehreren Einheiten ({units}); die Spalte blieb Text.</translation>
  </message>
  <message numerus="yes">
   <source>its numbers are read in {unit}; [one of them names|{n:,} different ones name] no unit.</source>
   <translation>
    <numerusform>die Zahlen sind in {unit} gelesen; eine davon nennt keine Einheit.</numerusform>
    <numerusform>die Zahlen sind in {unit} gelesen; {n:,} verschiedene nennen keine Einheit.</numerusform>
   </translation>
  </message>
  <message>
   <source>its numbers may be {unit} since 1970 ({number} would be {day}).</source>
   <translation>die Zahlen sind vielleicht {unit} seit 1970 ({number} wäre {day}).</translation>
  </message>
  <message>
   <source>its p is between {low} and {high}</source>
   <translation>sein p liegt zwischen {low} und {high}</translation>
  </message>
  <message>
   <source>its p is {low}</source>
   <translation>sein p ist {low}</translation>
  </message>
  <message>
   <source>its two-digit years were read as {span}.</source>
   <translation>die zweistelligen Jahre sind als {span} gelesen.</translation>
  </message>
  <message>
   <source>joined by {name}</source>
   <translation>verbunden über {name}</translation>
  </message>
  <message>
   <source>keep</source>
   <translation>behalten</translation>
  </message>
  <message>
   <source>keep all {n} names</source>
   <translation>alle {n} Namen behalten</translation>
  </message>
  <message>
   <source>keep it</source>
   <translation>behalten</translation>
  </message>
  <message>
   <source>keep the exhibit</source>
   <translation>die Darstellung behalten</translation>
  </message>
  <message>
   <source>keep the name</source>
   <translation>den Namen behalten</translation>
  </message>
  <message>
   <source>keep this and add another condition</source>
   <translation>dies behalten und noch eine Bedingung hinzufügen</translation>
  </message>
  <message>
   <source>key: variables that both have</source>
   <translation>Schlüssel: Variablen, die beide haben</translation>
  </message>
  <message>
   <source>key: what says which rows belong to one case</source>
   <translation>Schlüssel: was sagt, welche Zeilen zu einem Fall gehören</translation>
  </message>
  <message>
   <source>key: what says which rows belong to one person or group</source>
   <translation>Schlüssel: was sagt, welche Zeilen zu einer Person oder Gruppe gehören</translation>
  </message>
  <message>
   <source>kurtosis</source>
   <translation>Wölbung</translation>
  </message>
  <message>
   <source>kurtosis over its standard error</source>
   <translation>Wölbung durch ihren Standardfehler</translation>
  </message>
  <message>
   <source>label</source>
   <translation>Beschriftung</translation>
  </message>
  <message>
   <source>largest minus smallest value</source>
   <translation>größter minus kleinster Wert</translation>
  </message>
  <message>
   <source>largest value</source>
   <translation>größter Wert</translation>
  </message>
  <message>
   <source>largest value over variables of the same case</source>
   <translation>größter Wert über Variablen desselben Falls</translation>
  </message>
  <message>
   <source>last values</source>
   <translation>letzte Werte</translation>
  </message>
  <message>
   <source>lay a codebook file over the variables</source>
   <translation>eine Codebuchdatei über die Variablen legen</translation>
  </message>
  <message>
   <source>leave</source>
   <translation>verlassen</translation>
  </message>
  <message>
   <source>leave out</source>
   <translation>weglassen</translation>
  </message>
  <message>
   <source>leave out {names}</source>
   <translation>{names} weglassen</translation>
  </message>
  <message>
   <source>leave out {name}</source>
   <translation>{name} weglassen</translation>
  </message>
  <message>
   <source>leave them out</source>
   <translation>sie weglassen</translation>
  </message>
  <message>
   <source>leave “{word}” out, or name a measured variable</source>
   <translation>lassen Sie „{word}“ weg, oder nennen Sie eine gemessene Variable</translation>
  </message>
  <message>
   <source>left</source>
   <translation>links</translation>
  </message>
  <message>
   <source>left out</source>
   <translation>weggelassen</translation>
  </message>
  <message>
   <source>let it stand</source>
   <translation>stehen lassen</translation>
  </message>
  <message>
   <source>let the words stand</source>
   <translation>die Worte stehen lassen</translation>
  </message>
  <message>
   <source>lies in the future.</source>
   <translation>liegt in der Zukunft.</translation>
  </message>
  <message>
   <source>light</source>
   <translation>hell</translation>
  </message>
  <message>
   <source>limit the cases in use</source>
   <translation>die verwendeten Fälle einschränken</translation>
  </message>
  <message>
   <source>line</source>
   <translation>Linie</translation>
  </message>
  <message>
   <source>line {line:,} (“{text}”)</source>
   <translation>Zeile {line:,} („{text}“)</translation>
  </message>
  <message>
   <source>line {line_num} is no CSV ({error}).</source>
   <translation>Zeile {line_num} ist kein CSV ({error}).</translation>
  </message>
  <message>
   <source>line {number}</source>
   <translation>Zeile {number}</translation>
  </message>
  <message>
   <source>listwise</source>
   <translation>listenweise</translation>
  </message>
  <message>
   <source>logarithm</source>
   <translation>Logarithmus</translation>
  </message>
  <message>
   <source>logarithm to base 10</source>
   <translation>Logarithmus zur Basis 10</translation>
  </message>
  <message>
   <source>logarithm to base 2</source>
   <translation>Logarithmus zur Basis 2</translation>
  </message>
  <message>
   <source>look without it</source>
   <translation>ohne es ansehen</translation>
  </message>
  <message>
   <source>looking for what is wrong</source>
   <translation>Fehler werden gesucht</translation>
  </message>
  <message>
   <source>looking through the file</source>
   <translation>die Datei wird durchgesehen</translation>
  </message>
  <message>
   <source>lower limit of the confidence interval of the mean</source>
   <translation>untere Grenze des Konfidenzintervalls des Mittelwerts</translation>
  </message>
  <message>
   <source>lower limit of the confidence interval of the median</source>
   <translation>untere Grenze des Konfidenzintervalls des Medians</translation>
  </message>
  <message>
   <source>lower limit of the interval of the ICC</source>
   <translation>untere Grenze des Intervalls der ICC</translation>
  </message>
  <message>
   <source>lowest</source>
   <translation>niedrigste</translation>
  </message>
  <message>
   <source>lowest values and their cases</source>
   <translation>niedrigste Werte und ihre Fälle</translation>
  </message>
  <message>
   <source>made by {formula}</source>
   <translation>gebildet durch {formula}</translation>
  </message>
  <message>
   <source>mail addresses</source>
   <translation>E-Mail-Adressen</translation>
  </message>
  <message>
   <source>mail addresses and telephone numbers</source>
   <translation>E-Mail-Adressen und Telefonnummern</translation>
  </message>
  <message>
   <source>make a variable</source>
   <translation>Variable bilden</translation>
  </message>
  <message>
   <source>make all “{meant}”</source>
   <translation>alles zu „{meant}“ machen</translation>
  </message>
  <message>
   <source>make it</source>
   <translation>ausführen</translation>
  </message>
  <message>
   <source>make {target}</source>
   <translation>{target} bilden</translation>
  </message>
  <message>
   <source>mark as personal</source>
   <translation>als persönlich markieren</translation>
  </message>
  <message>
   <source>max</source>
   <translation>Max.</translation>
  </message>
  <message>
   <source>may no longer hold</source>
   <translation>stimmt vielleicht nicht mehr</translation>
  </message>
  <message>
   <source>mean</source>
   <translation>Mittelwert</translation>
  </message>
  <message>
   <source>mean absolute deviation from the mean</source>
   <translation>mittlere absolute Abweichung vom Mittelwert</translation>
  </message>
  <message>
   <source>mean and median</source>
   <translation>Mittelwert und Median</translation>
  </message>
  <message>
   <source>mean of skewed</source>
   <translation>Mittelwert bei Schiefe</translation>
  </message>
  <message>
   <source>mean over variables; minimum says how many must be valid (all, unless said)</source>
   <translation>Mittelwert über Variablen; minimum sagt, wie viele gültig sein müssen (alle, wenn nichts gesagt ist)</translation>
  </message>
  <message>
   <source>mean without the outer values at each end</source>
   <translation>Mittelwert ohne die äußeren Werte an jedem Ende</translation>
  </message>
  <message>
   <source>mean {value}</source>
   <translation>Mittelwert {value}</translation>
  </message>
  <message>
   <source>means</source>
   <translation>Mittelwerte</translation>
  </message>
  <message>
   <source>means with their intervals</source>
   <translation>Mittelwerte mit ihren Intervallen</translation>
  </message>
  <message>
   <source>measured</source>
   <translation>gemessen</translation>
  </message>
  <message>
   <source>median</source>
   <translation>Median</translation>
  </message>
  <message>
   <source>median absolute deviation</source>
   <translation>mediane absolute Abweichung</translation>
  </message>
  <message>
   <source>median absolute deviation times 1.4826, which estimates the SD of normal data</source>
   <translation>mediane absolute Abweichung mal 1,4826, was die SD normalverteilter Daten schätzt</translation>
  </message>
  <message>
   <source>mention of what is gone</source>
   <translation>Erwähnung von Verschwundenem</translation>
  </message>
  <message>
   <source>methods</source>
   <translation>Methoden</translation>
  </message>
  <message>
   <source>methods text</source>
   <translation>Methodentext</translation>
  </message>
  <message>
   <source>min</source>
   <translation>Min.</translation>
  </message>
  <message>
   <source>minimum is a whole number from 1 to {n}, the number of variables.</source>
   <translation>minimum ist eine ganze Zahl von 1 bis {n}, der Zahl der Variablen.</translation>
  </message>
  <message>
   <source>minutes and seconds, read as minutes</source>
   <translation>Minuten und Sekunden, als Minuten gelesen</translation>
  </message>
  <message>
   <source>mirrored densities with quartiles</source>
   <translation>gespiegelte Dichten mit Quartilen</translation>
  </message>
  <message>
   <source>missing</source>
   <translation>fehlend</translation>
  </message>
  <message>
   <source>missing code</source>
   <translation>Fehlcode</translation>
  </message>
  <message>
   <source>missing codes of {names}</source>
   <translation>Fehlcodes von {names}</translation>
  </message>
  <message>
   <source>missing data</source>
   <translation>fehlende Daten</translation>
  </message>
  <message>
   <source>missing in {names}</source>
   <translation>fehlend in {names}</translation>
  </message>
  <message>
   <source>missing values</source>
   <translation>fehlende Werte</translation>
  </message>
  <message>
   <source>missing values in the table, or in its note</source>
   <translation>fehlende Werte in der Tabelle, oder in ihrer Anmerkung</translation>
  </message>
  <message>
   <source>missing: {name}</source>
   <translation>fehlend: {name}</translation>
  </message>
  <message>
   <source>missing: {part}</source>
   <translation>fehlend: {part}</translation>
  </message>
  <message>
   <source>mode</source>
   <translation>Modus</translation>
  </message>
  <message>
   <source>month</source>
   <translation>Monat</translation>
  </message>
  <message>
   <source>month first</source>
   <translation>Monat zuerst</translation>
  </message>
  <message>
   <source>month, 1 to 12</source>
   <translation>Monat, 1 bis 12</translation>
  </message>
  <message>
   <source>months written YYYYMM, read as their first days.</source>
   <translation>Monate, geschrieben JJJJMM, gelesen als ihre ersten Tage.</translation>
  </message>
  <message>
   <source>months, read as their first days.</source>
   <translation>Monate, als ihr erster Tag gelesen.</translation>
  </message>
  <message>
   <source>more than once, with other values beside: {named}.</source>
   <translation>mehr als einmal, mit anderen Werten daneben: {named}.</translation>
  </message>
  <message>
   <source>more than {most_derived:,} derived variables are not made; lay over fewer.</source>
   <translation>mehr als {most_derived:,} abgeleitete Variablen werden nicht gebildet; nehmen Sie weniger.</translation>
  </message>
  <message>
   <source>most frequent</source>
   <translation>am häufigsten</translation>
  </message>
  <message>
   <source>most frequent value</source>
   <translation>häufigster Wert</translation>
  </message>
  <message>
   <source>most of its words are dates, “{word}” is none for sure; it was left as text.</source>
   <translation>die meisten Wörter sind Datumsangaben, „{word}“ ist nicht sicher eine; es blieb Text.</translation>
  </message>
  <message>
   <source>most: {value}</source>
   <translation>meist: {value}</translation>
  </message>
  <message>
   <source>move it in the manuscript</source>
   <translation>im Manuskript verschieben</translation>
  </message>
  <message>
   <source>moved</source>
   <translation>geändert</translation>
  </message>
  <message>
   <source>multiply by {factor}</source>
   <translation>mit {factor} malnehmen</translation>
  </message>
  <message>
   <source>n = {size} has {df:g} degrees of freedom</source>
   <translation>n = {size} hat {df:g} Freiheitsgrade</translation>
  </message>
  <message>
   <source>names as they stand in the file</source>
   <translation>Namen, wie sie in der Datei stehen</translation>
  </message>
  <message numerus="yes">
   <source>names in [row|rows] {rows}</source>
   <translation>
    <numerusform>Namen in Zeile {rows}</numerusform>
    <numerusform>Namen in Zeilen {rows}</numerusform>
   </translation>
  </message>
  <message>
   <source>narrow space</source>
   <translation>schmales Leerzeichen</translation>
  </message>
  <message>
   <source>natural logarithm</source>
   <translation>natürlicher Logarithmus</translation>
  </message>
  <message>
   <source>never mentioned</source>
   <translation>nie erwähnt</translation>
  </message>
  <message>
   <source>new name = expression, for example vocab_gain = post - pre</source>
   <translation>neuer Name = Ausdruck, zum Beispiel vocab_gain = post - pre</translation>
  </message>
  <message>
   <source>next whole number above</source>
   <translation>nächste ganze Zahl darüber</translation>
  </message>
  <message>
   <source>next whole number below</source>
   <translation>nächste ganze Zahl darunter</translation>
  </message>
  <message>
   <source>no</source>
   <translation>nein</translation>
  </message>
  <message>
   <source>no case meets this</source>
   <translation>kein Fall erfüllt das</translation>
  </message>
  <message>
   <source>no clusters</source>
   <translation>keine Klumpen</translation>
  </message>
  <message>
   <source>no data yet</source>
   <translation>noch keine Daten</translation>
  </message>
  <message>
   <source>no label</source>
   <translation>keine Beschriftung</translation>
  </message>
  <message>
   <source>no longer explains CI</source>
   <translation>erklärt KI nicht mehr</translation>
  </message>
  <message>
   <source>no longer explains CV</source>
   <translation>erklärt VK nicht mehr</translation>
  </message>
  <message>
   <source>no longer explains IQR</source>
   <translation>erklärt IQR nicht mehr</translation>
  </message>
  <message>
   <source>no longer explains MAD</source>
   <translation>erklärt MAD nicht mehr</translation>
  </message>
  <message>
   <source>no longer explains Mdn</source>
   <translation>erklärt Mdn nicht mehr</translation>
  </message>
  <message>
   <source>no longer holds</source>
   <translation>stimmt nicht mehr</translation>
  </message>
  <message>
   <source>no longer says how many values are missing</source>
   <translation>sagt nicht mehr, wie viele Werte fehlen</translation>
  </message>
  <message>
   <source>no longer says what its percentages are of</source>
   <translation>sagt nicht mehr, wovon ihre Prozente sind</translation>
  </message>
  <message>
   <source>no longer true</source>
   <translation>stimmt nicht mehr</translation>
  </message>
  <message>
   <source>no n</source>
   <translation>kein n</translation>
  </message>
  <message>
   <source>no number</source>
   <translation>keine Zahl</translation>
  </message>
  <message>
   <source>no number above 0</source>
   <translation>keine Zahl über 0</translation>
  </message>
  <message>
   <source>no row of names</source>
   <translation>keine Zeile mit Namen</translation>
  </message>
  <message>
   <source>no spread</source>
   <translation>keine Streuung</translation>
  </message>
  <message>
   <source>no strata</source>
   <translation>keine Schichten</translation>
  </message>
  <message>
   <source>no value</source>
   <translation>keinen Wert</translation>
  </message>
  <message>
   <source>no values</source>
   <translation>keine Werte</translation>
  </message>
  <message>
   <source>no weights</source>
   <translation>keine Gewichte</translation>
  </message>
  <message>
   <source>no whole number from 0</source>
   <translation>keine ganze Zahl ab 0</translation>
  </message>
  <message>
   <source>no {words}</source>
   <translation>kein {words}</translation>
  </message>
  <message>
   <source>nominal</source>
   <translation>nominal</translation>
  </message>
  <message>
   <source>none</source>
   <translation>keine</translation>
  </message>
  <message>
   <source>normal</source>
   <translation>normal</translation>
  </message>
  <message>
   <source>not defined: {reason}</source>
   <translation>nicht definiert: {reason}</translation>
  </message>
  <message>
   <source>not equal to</source>
   <translation>ungleich</translation>
  </message>
  <message>
   <source>not personal</source>
   <translation>nicht persönlich</translation>
  </message>
  <message>
   <source>not there any more</source>
   <translation>nicht mehr da</translation>
  </message>
  <message>
   <source>notes</source>
   <translation>Anmerkungen</translation>
  </message>
  <message>
   <source>nothing</source>
   <translation>nichts</translation>
  </message>
  <message>
   <source>nothing cuts the lines into fields (“{line}”), so there is one variable.</source>
   <translation>nichts teilt die Zeilen in Felder („{line}“), also gibt es eine Variable.</translation>
  </message>
  <message>
   <source>nothing missing: complete cases</source>
   <translation>nichts fehlt: vollständige Fälle</translation>
  </message>
  <message>
   <source>nothing to set yet</source>
   <translation>noch nichts zu setzen</translation>
  </message>
  <message>
   <source>nothing: complete cases</source>
   <translation>nichts: vollständige Fälle</translation>
  </message>
  <message>
   <source>number</source>
   <translation>Zahl</translation>
  </message>
  <message>
   <source>number of missing values</source>
   <translation>Anzahl fehlender Werte</translation>
  </message>
  <message>
   <source>number of valid values</source>
   <translation>Anzahl gültiger Werte</translation>
  </message>
  <message>
   <source>number( ) takes 1 for the first number in a text, 2 for the second, to {most}.</source>
   <translation>number( ) nimmt 1 für die erste Zahl in einem Text, 2 für die zweite, bis {most}.</translation>
  </message>
  <message>
   <source>numbers in brackets were read as negative.</source>
   <translation>Zahlen in Klammern sind als negativ gelesen.</translation>
  </message>
  <message>
   <source>occasion</source>
   <translation>Zeitpunkt</translation>
  </message>
  <message>
   <source>odds ratio</source>
   <translation>Chancenverhältnis</translation>
  </message>
  <message>
   <source>of a question with several answers: which of them were given together</source>
   <translation>bei einer Frage mit mehreren Antworten: welche davon zusammen gegeben wurden</translation>
  </message>
  <message>
   <source>of all</source>
   <translation>von allen</translation>
  </message>
  <message>
   <source>of means</source>
   <translation>von Mittelwerten</translation>
  </message>
  <message>
   <source>of one</source>
   <translation>von</translation>
  </message>
  <message>
   <source>of the column</source>
   <translation>der Spalte</translation>
  </message>
  <message>
   <source>of the row</source>
   <translation>der Zeile</translation>
  </message>
  <message>
   <source>of values missing</source>
   <translation>der Werte fehlen</translation>
  </message>
  <message>
   <source>of “{group}”</source>
   <translation>von „{group}“</translation>
  </message>
  <message>
   <source>on a value in the Codebook: print it earlier or later</source>
   <translation>auf einem Wert im Codebuch: früher oder später drucken</translation>
  </message>
  <message>
   <source>on a variable: describe it, or leave it out</source>
   <translation>auf einer Variablen: beschreiben, oder weglassen</translation>
  </message>
  <message>
   <source>on a variable: make groups with it</source>
   <translation>auf einer Variablen: Gruppen damit bilden</translation>
  </message>
  <message>
   <source>on which side a value on an edge belongs to the class</source>
   <translation>auf welcher Seite ein Wert auf einer Kante zur Klasse gehört</translation>
  </message>
  <message>
   <source>once</source>
   <translation>einmal</translation>
  </message>
  <message>
   <source>one and a half</source>
   <translation>anderthalb</translation>
  </message>
  <message>
   <source>one column</source>
   <translation>eine Spalte</translation>
  </message>
  <message>
   <source>one of several values</source>
   <translation>einer von mehreren Werten</translation>
  </message>
  <message>
   <source>one of them must hold</source>
   <translation>eines davon muss gelten</translation>
  </message>
  <message>
   <source>one value or another</source>
   <translation>ein Wert oder ein anderer</translation>
  </message>
  <message>
   <source>one {title}</source>
   <translation>{title}</translation>
  </message>
  <message>
   <source>only rows with a partner</source>
   <translation>nur Zeilen mit Gegenstück</translation>
  </message>
  <message>
   <source>only those above 0</source>
   <translation>nur die über 0</translation>
  </message>
  <message>
   <source>only {condition}</source>
   <translation>nur {condition}</translation>
  </message>
  <message>
   <source>only {value}</source>
   <translation>nur {value}</translation>
  </message>
  <message>
   <source>open</source>
   <translation>offen</translation>
  </message>
  <message>
   <source>open a copy made earlier</source>
   <translation>öffnen Sie eine frühere Kopie</translation>
  </message>
  <message>
   <source>open the {n}</source>
   <translation>die {n} aufklappen</translation>
  </message>
  <message>
   <source>open {number}</source>
   <translation>{number} öffnen</translation>
  </message>
  <message>
   <source>opening {name}</source>
   <translation>{name} wird geöffnet</translation>
  </message>
  <message>
   <source>or</source>
   <translation>oder</translation>
  </message>
  <message>
   <source>or read the</source>
   <translation>oder lesen Sie das</translation>
  </message>
  <message>
   <source>order of mentions</source>
   <translation>Reihenfolge der Erwähnungen</translation>
  </message>
  <message>
   <source>ordered values against those of a normal distribution</source>
   <translation>geordnete Werte gegen die einer Normalverteilung</translation>
  </message>
  <message>
   <source>ordinal</source>
   <translation>ordinal</translation>
  </message>
  <message>
   <source>others</source>
   <translation>andere</translation>
  </message>
  <message>
   <source>outliers</source>
   <translation>Ausreißer</translation>
  </message>
  <message>
   <source>over each other</source>
   <translation>übereinander</translation>
  </message>
  <message>
   <source>own notes again</source>
   <translation>wieder die eigenen Anmerkungen</translation>
  </message>
  <message>
   <source>own title again</source>
   <translation>wieder der eigene Titel</translation>
  </message>
  <message>
   <source>own {words} again</source>
   <translation>wieder der eigene {words}</translation>
  </message>
  <message>
   <source>p alone</source>
   <translation>p allein</translation>
  </message>
  <message>
   <source>p was {was} and is {now}, now below {level}</source>
   <translation>p war {was} und ist {now}, jetzt unter {level}</translation>
  </message>
  <message>
   <source>p was {was} and is {now}, now not below {level}</source>
   <translation>p war {was} und ist {now}, jetzt nicht unter {level}</translation>
  </message>
  <message>
   <source>p-values adjusted for the number of tests</source>
   <translation>p-Werte, an die Zahl der Tests angepasst</translation>
  </message>
  <message>
   <source>pairwise</source>
   <translation>paarweise</translation>
  </message>
  <message>
   <source>parts the cases exactly as {name} does.</source>
   <translation>teilt die Fälle genau so wie {name}.</translation>
  </message>
  <message>
   <source>percent</source>
   <translation>Prozent</translation>
  </message>
  <message>
   <source>percentage</source>
   <translation>Prozent</translation>
  </message>
  <message>
   <source>percentages</source>
   <translation>Prozente</translation>
  </message>
  <message>
   <source>percentiles of any share, as columns of their own</source>
   <translation>Perzentile beliebiger Anteile, in eigenen Spalten</translation>
  </message>
  <message>
   <source>personal</source>
   <translation>persönlich</translation>
  </message>
  <message>
   <source>personal: its values are not shown</source>
   <translation>personenbezogen: die Werte werden nicht gezeigt</translation>
  </message>
  <message>
   <source>persons are counted, not their rows</source>
   <translation>Personen werden gezählt, nicht ihre Zeilen</translation>
  </message>
  <message>
   <source>places one under the other, values to the right</source>
   <translation>Plätze untereinander, Werte nach rechts</translation>
  </message>
  <message>
   <source>point</source>
   <translation>Punkt</translation>
  </message>
  <message>
   <source>point by point</source>
   <translation>Punkt für Punkt</translation>
  </message>
  <message>
   <source>printed</source>
   <translation>gedruckt</translation>
  </message>
  <message>
   <source>prints as </source>
   <translation>gedruckt als </translation>
  </message>
  <message>
   <source>proportion</source>
   <translation>Anteil</translation>
  </message>
  <message>
   <source>quantile plot</source>
   <translation>Quantildiagramm</translation>
  </message>
  <message>
   <source>quarter</source>
   <translation>Quartal</translation>
  </message>
  <message>
   <source>quarter of the year</source>
   <translation>Quartal des Jahres</translation>
  </message>
  <message>
   <source>quarters, read as their first days.</source>
   <translation>Quartale, als ihr erster Tag gelesen.</translation>
  </message>
  <message>
   <source>quartiles</source>
   <translation>Quartile</translation>
  </message>
  <message>
   <source>quartiles, whiskers and far cases</source>
   <translation>Quartile, Antennen und ferne Fälle</translation>
  </message>
  <message>
   <source>r with rest</source>
   <translation>r mit dem Rest</translation>
  </message>
  <message>
   <source>range</source>
   <translation>Spannweite</translation>
  </message>
  <message>
   <source>rank</source>
   <translation>Rang</translation>
  </message>
  <message>
   <source>rank among all cases; ties share their mean rank</source>
   <translation>Rang unter allen Fällen; Gleiche teilen sich ihren mittleren Rang</translation>
  </message>
  <message>
   <source>read again</source>
   <translation>neu lesen</translation>
  </message>
  <message>
   <source>read differently</source>
   <translation>anders lesen</translation>
  </message>
  <message>
   <source>read half the limit</source>
   <translation>die halbe Grenze lesen</translation>
  </message>
  <message>
   <source>read with another {setting}</source>
   <translation>mit anderer Angabe lesen: {setting}</translation>
  </message>
  <message>
   <source>read {n:,} as decimals</source>
   <translation>{n:,} als Dezimalzahlen lesen</translation>
  </message>
  <message>
   <source>read {n:,} as the numbers in them</source>
   <translation>{n:,} als die Zahlen darin lesen</translation>
  </message>
  <message>
   <source>read {n:,} as their limits</source>
   <translation>{n:,} als ihre Grenzen lesen</translation>
  </message>
  <message>
   <source>read {name} again</source>
   <translation>{name} neu lesen</translation>
  </message>
  <message>
   <source>read “{text}” as {value}</source>
   <translation>„{text}“ als {value} lesen</translation>
  </message>
  <message>
   <source>reading changed files</source>
   <translation>geänderte Dateien werden gelesen</translation>
  </message>
  <message>
   <source>reading the cells</source>
   <translation>die Zellen werden gelesen</translation>
  </message>
  <message>
   <source>reading {name}</source>
   <translation>{name} wird gelesen</translation>
  </message>
  <message>
   <source>receptive_pre and receptive_post are one measure on two occasions: leave the ending out.</source>
   <translation>receptive_pre und receptive_post sind ein Maß zu zwei Zeitpunkten: Lassen Sie die Endung weg.</translation>
  </message>
  <message>
   <source>recode</source>
   <translation>umkodieren</translation>
  </message>
  <message>
   <source>refers to an exhibit that is gone</source>
   <translation>verweist auf eine Darstellung, die es nicht mehr gibt</translation>
  </message>
  <message>
   <source>refers to an exhibit that is not in the study any more</source>
   <translation>verweist auf eine Darstellung, die nicht mehr in der Studie steht</translation>
  </message>
  <message>
   <source>refers to what is gone</source>
   <translation>verweist auf Verschwundenes</translation>
  </message>
  <message>
   <source>refreshing {name}</source>
   <translation>{name} wird aufgefrischt</translation>
  </message>
  <message>
   <source>relate by ranks</source>
   <translation>nach Rängen in Beziehung setzen</translation>
  </message>
  <message>
   <source>remote values</source>
   <translation>ferne Werte</translation>
  </message>
  <message>
   <source>remove</source>
   <translation>entfernen</translation>
  </message>
  <message>
   <source>remove {name}</source>
   <translation>{name} entfernen</translation>
  </message>
  <message>
   <source>repeated rows and identifiers</source>
   <translation>wiederholte Zeilen und Kennungen</translation>
  </message>
  <message>
   <source>repeats a table</source>
   <translation>wiederholt eine Tabelle</translation>
  </message>
  <message>
   <source>report…</source>
   <translation>Bericht …</translation>
  </message>
  <message>
   <source>results text</source>
   <translation>Ergebnistext</translation>
  </message>
  <message>
   <source>reverse</source>
   <translation>umdrehen</translation>
  </message>
  <message>
   <source>review</source>
   <translation>durchsehen</translation>
  </message>
  <message>
   <source>right</source>
   <translation>rechts</translation>
  </message>
  <message>
   <source>risk ratio</source>
   <translation>Risikoverhältnis</translation>
  </message>
  <message>
   <source>robust z</source>
   <translation>robustes z</translation>
  </message>
  <message>
   <source>round( ) takes a whole number of decimals from −{most_digits} to {most_digits}.</source>
   <translation>round( ) nimmt eine ganze Zahl von Nachkommastellen von −{most_digits} bis {most_digits}.</translation>
  </message>
  <message>
   <source>rounded, halves to the even digit</source>
   <translation>gerundet, halbe zur geraden Ziffer</translation>
  </message>
  <message>
   <source>row</source>
   <translation>Zeile</translation>
  </message>
  <message>
   <source>row of names</source>
   <translation>Zeile mit Namen</translation>
  </message>
  <message>
   <source>row {case}</source>
   <translation>Zeile {case}</translation>
  </message>
  <message>
   <source>row {row}</source>
   <translation>Zeile {row}</translation>
  </message>
  <message>
   <source>rows</source>
   <translation>Zeilen</translation>
  </message>
  <message>
   <source>rows that are no cases</source>
   <translation>Zeilen, die keine Fälle sind</translation>
  </message>
  <message>
   <source>rows: {roles}</source>
   <translation>Zeilen: {roles}</translation>
  </message>
  <message>
   <source>sample</source>
   <translation>Stichprobe</translation>
  </message>
  <message>
   <source>save its table as delimited text (.csv) or as a workbook (.xlsx, .ods)</source>
   <translation>speichern Sie die Tabelle als Text mit Trennzeichen (.csv) oder als Arbeitsmappe (.xlsx, .ods)</translation>
  </message>
  <message>
   <source>say anew</source>
   <translation>neu sagen</translation>
  </message>
  <message>
   <source>say anew what no longer holds</source>
   <translation>neu sagen, was nicht mehr stimmt</translation>
  </message>
  <message>
   <source>say how many cases every row stands for</source>
   <translation>sagen, für wie viele Fälle jede Zeile steht</translation>
  </message>
  <message>
   <source>say the same as another, or almost ({names}).</source>
   <translation>sagen dasselbe wie eine andere, oder fast ({names}).</translation>
  </message>
  <message>
   <source>say the {role} of every row</source>
   <translation>von jeder Zeile {role} sagen</translation>
  </message>
  <message>
   <source>say what a row is</source>
   <translation>sagen, was eine Zeile ist</translation>
  </message>
  <message>
   <source>says</source>
   <translation>angibt</translation>
  </message>
  <message>
   <source>says almost the same as {name} (r = {r}).</source>
   <translation>sagt fast dasselbe wie {name} (r = {r}).</translation>
  </message>
  <message>
   <source>scatters of several variables with each other</source>
   <translation>Streudiagramme mehrerer Variablen miteinander</translation>
  </message>
  <message>
   <source>seconds</source>
   <translation>Sekunden</translation>
  </message>
  <message>
   <source>see it set on paper, keep it.</source>
   <translation>sehen Sie es auf Papier gesetzt, und behalten Sie es.</translation>
  </message>
  <message>
   <source>semicolon</source>
   <translation>Semikolon</translation>
  </message>
  <message>
   <source>serial numbers of a spreadsheet, read as dates ({number} is {day}).</source>
   <translation>Seriennummern einer Tabellenkalkulation, gelesen als Daten ({number} ist {day}).</translation>
  </message>
  <message>
   <source>set all of them missing</source>
   <translation>alle auf fehlend setzen</translation>
  </message>
  <message>
   <source>set aside</source>
   <translation>beiseitelegen</translation>
  </message>
  <message>
   <source>set it and what follows aside</source>
   <translation>sie und was folgt beiseitelegen</translation>
  </message>
  <message>
   <source>set it on paper</source>
   <translation>aufs Papier setzen</translation>
  </message>
  <message>
   <source>set missing</source>
   <translation>auf fehlend setzen</translation>
  </message>
  <message>
   <source>set the cases shown aside</source>
   <translation>die gezeigten Fälle beiseitelegen</translation>
  </message>
  <message>
   <source>set the house style</source>
   <translation>den Hausstil setzen</translation>
  </message>
  <message>
   <source>set the later ones aside</source>
   <translation>die späteren beiseitelegen</translation>
  </message>
  <message>
   <source>set the repeats aside</source>
   <translation>die Wiederholungen beiseitelegen</translation>
  </message>
  <message>
   <source>set these cases aside</source>
   <translation>diese Fälle beiseitelegen</translation>
  </message>
  <message>
   <source>set {name} missing</source>
   <translation>{name} auf fehlend setzen</translation>
  </message>
  <message numerus="yes">
   <source>set {n} [case|cases] aside</source>
   <translation>
    <numerusform>{n} Fall beiseitelegen</numerusform>
    <numerusform>{n} Fälle beiseitelegen</numerusform>
   </translation>
  </message>
  <message>
   <source>shapes</source>
   <translation>Gestalten</translation>
  </message>
  <message>
   <source>share of the variance that lies between persons</source>
   <translation>Anteil der Varianz, der zwischen Personen liegt</translation>
  </message>
  <message>
   <source>shares of a whole, to 100 %</source>
   <translation>Anteile eines Ganzen, bis 100 %</translation>
  </message>
  <message>
   <source>sheet</source>
   <translation>Blatt</translation>
  </message>
  <message>
   <source>sheet {name}</source>
   <translation>Blatt {name}</translation>
  </message>
  <message>
   <source>show cases</source>
   <translation>Fälle zeigen</translation>
  </message>
  <message>
   <source>show its case</source>
   <translation>seinen Fall zeigen</translation>
  </message>
  <message>
   <source>show its {n:,} cases</source>
   <translation>ihre {n:,} Fälle zeigen</translation>
  </message>
  <message>
   <source>show row {case}</source>
   <translation>Zeile {case} zeigen</translation>
  </message>
  <message>
   <source>show the cases  Ctrl+D</source>
   <translation>die Fälle zeigen  Ctrl+D</translation>
  </message>
  <message numerus="yes">
   <source>show {n:,} [case|cases]</source>
   <translation>
    <numerusform>{n:,} Fall zeigen</numerusform>
    <numerusform>{n:,} Fälle zeigen</numerusform>
   </translation>
  </message>
  <message>
   <source>significance</source>
   <translation>Signifikanz</translation>
  </message>
  <message>
   <source>signs for “about” before its numbers were left out.</source>
   <translation>Zeichen für „etwa“ vor den Zahlen wurden ausgelassen.</translation>
  </message>
  <message>
   <source>single quotes</source>
   <translation>einfache Anführungszeichen</translation>
  </message>
  <message>
   <source>size of difference</source>
   <translation>Größe des Unterschieds</translation>
  </message>
  <message>
   <source>skewness</source>
   <translation>Schiefe</translation>
  </message>
  <message>
   <source>skewness over its standard error</source>
   <translation>Schiefe durch ihren Standardfehler</translation>
  </message>
  <message>
   <source>small counts</source>
   <translation>kleine Anzahlen</translation>
  </message>
  <message>
   <source>small groups</source>
   <translation>kleine Gruppen</translation>
  </message>
  <message>
   <source>smallest and largest</source>
   <translation>kleinster und größter</translation>
  </message>
  <message>
   <source>smallest value</source>
   <translation>kleinster Wert</translation>
  </message>
  <message>
   <source>smallest value over variables of the same case</source>
   <translation>kleinster Wert über Variablen desselben Falls</translation>
  </message>
  <message>
   <source>smooth</source>
   <translation>glatt</translation>
  </message>
  <message>
   <source>so many classes of equal width</source>
   <translation>so viele Klassen gleicher Breite</translation>
  </message>
  <message>
   <source>so many neighbouring points of a line together</source>
   <translation>so viele benachbarte Punkte einer Linie zusammen</translation>
  </message>
  <message>
   <source>so many of the most frequent values, and the rest together</source>
   <translation>so viele der häufigsten Werte, und der Rest zusammen</translation>
  </message>
  <message>
   <source>software</source>
   <translation>Software</translation>
  </message>
  <message>
   <source>sorting the cases</source>
   <translation>die Fälle werden sortiert</translation>
  </message>
  <message>
   <source>sources, one below the other</source>
   <translation>Quellen, eine unter der anderen</translation>
  </message>
  <message>
   <source>space</source>
   <translation>Leerzeichen</translation>
  </message>
  <message>
   <source>spaces beside quotes</source>
   <translation>Leerzeichen neben Anführungszeichen</translation>
  </message>
  <message>
   <source>spellings</source>
   <translation>Schreibweisen</translation>
  </message>
  <message>
   <source>split by {category}</source>
   <translation>nach {category} aufteilen</translation>
  </message>
  <message>
   <source>split by {name}</source>
   <translation>nach {name} aufteilen</translation>
  </message>
  <message>
   <source>spread by {name}</source>
   <translation>ausgebreitet nach {name}</translation>
  </message>
  <message>
   <source>square root</source>
   <translation>Quadratwurzel</translation>
  </message>
  <message>
   <source>stacked</source>
   <translation>untereinandergestellt</translation>
  </message>
  <message>
   <source>standard deviation</source>
   <translation>Standardabweichung</translation>
  </message>
  <message>
   <source>standard deviation, n − 1</source>
   <translation>Standardabweichung, n − 1</translation>
  </message>
  <message>
   <source>standard error</source>
   <translation>Standardfehler</translation>
  </message>
  <message>
   <source>standard error of the kurtosis</source>
   <translation>Standardfehler der Wölbung</translation>
  </message>
  <message>
   <source>standard error of the mean</source>
   <translation>Standardfehler des Mittelwerts</translation>
  </message>
  <message>
   <source>standard error of the skewness</source>
   <translation>Standardfehler der Schiefe</translation>
  </message>
  <message>
   <source>stands {often} among the values of {names}: no answer rather than an answer?</source>
   <translation>steht {often} unter den Werten von {names}: eher keine Antwort als eine Antwort?</translation>
  </message>
  <message>
   <source>stands {often} in {names} and counts as missing.</source>
   <translation>steht {often} in {names} und zählt als fehlend.</translation>
  </message>
  <message>
   <source>stands {often} in {names}, far from all other values: a code for “no answer”?</source>
   <translation>steht {often} in {names}, weit von allen anderen Werten: ein Code für „keine Antwort“?</translation>
  </message>
  <message>
   <source>statistics and settings</source>
   <translation>Statistiken und Einstellungen</translation>
  </message>
  <message>
   <source>statistics in rows</source>
   <translation>Statistiken in Zeilen</translation>
  </message>
  <message>
   <source>steps</source>
   <translation>Stufen</translation>
  </message>
  <message>
   <source>stop reading</source>
   <translation>das Lesen abbrechen</translation>
  </message>
  <message>
   <source>straight</source>
   <translation>gerade</translation>
  </message>
  <message>
   <source>strata</source>
   <translation>Schichten</translation>
  </message>
  <message>
   <source>strata by {title}</source>
   <translation>Schichten nach {title}</translation>
  </message>
  <message>
   <source>sum</source>
   <translation>Summe</translation>
  </message>
  <message>
   <source>sum over variables of the same case</source>
   <translation>Summe über Variablen desselben Falls</translation>
  </message>
  <message>
   <source>sums</source>
   <translation>Summen</translation>
  </message>
  <message>
   <source>tab</source>
   <translation>Tabulator</translation>
  </message>
  <message>
   <source>table {name}</source>
   <translation>Tabelle {name}</translation>
  </message>
  <message>
   <source>take away</source>
   <translation>wegnehmen</translation>
  </message>
  <message>
   <source>take back</source>
   <translation>zurücknehmen</translation>
  </message>
  <message>
   <source>take back a correction</source>
   <translation>eine Berichtigung zurücknehmen</translation>
  </message>
  <message>
   <source>take in again</source>
   <translation>wieder aufnehmen</translation>
  </message>
  <message>
   <source>take in {names}</source>
   <translation>{names} aufnehmen</translation>
  </message>
  <message>
   <source>take it out of the manuscript</source>
   <translation>aus dem Manuskript nehmen</translation>
  </message>
  <message>
   <source>take out</source>
   <translation>herausnehmen</translation>
  </message>
  <message>
   <source>take out a source</source>
   <translation>eine Quelle herausnehmen</translation>
  </message>
  <message>
   <source>take the spaces out</source>
   <translation>die Leerzeichen herausnehmen</translation>
  </message>
  <message>
   <source>taken out of the document, stays away</source>
   <translation>aus dem Dokument herausgenommen, bleibt weg</translation>
  </message>
  <message>
   <source>telephone numbers</source>
   <translation>Telefonnummern</translation>
  </message>
  <message>
   <source>test by ranks</source>
   <translation>nach Rängen testen</translation>
  </message>
  <message>
   <source>text</source>
   <translation>Text</translation>
  </message>
  <message>
   <source>text among numbers</source>
   <translation>Text unter Zahlen</translation>
  </message>
  <message>
   <source>the O of “{word}” may be east (German) or west (French, Spanish); it was left as text.</source>
   <translation>das O von „{word}“ kann Ost (deutsch) oder West (französisch, spanisch) sein; es blieb Text.</translation>
  </message>
  <message>
   <source>the codebook</source>
   <translation>das Codebuch</translation>
  </message>
  <message>
   <source>the counts that independence would give</source>
   <translation>die Anzahlen, die Unabhängigkeit ergäbe</translation>
  </message>
  <message>
   <source>the curve over the bars</source>
   <translation>die Kurve über den Balken</translation>
  </message>
  <message>
   <source>the cuts of bands( ) stand in ascending order, each once.</source>
   <translation>die Schnitte von bands( ) stehen in aufsteigender Reihenfolge, jeder einmal.</translation>
  </message>
  <message>
   <source>the data of this study are damaged.</source>
   <translation>die Daten dieser Studie sind beschädigt.</translation>
  </message>
  <message>
   <source>the data of this study cannot be understood.</source>
   <translation>die Daten dieser Studie sind nicht zu verstehen.</translation>
  </message>
  <message>
   <source>the description of data</source>
   <translation>die Beschreibung der Daten</translation>
  </message>
  <message>
   <source>the difference from the norm and its p are shown</source>
   <translation>die Differenz zur Norm und ihr p werden ohnehin gezeigt</translation>
  </message>
  <message>
   <source>the disk is full</source>
   <translation>der Datenträger ist voll</translation>
  </message>
  <message>
   <source>the document does not remember what stood there; “--again” exchanges it</source>
   <translation>das Dokument weiß nicht mehr, was dort stand; „--again“ tauscht es aus</translation>
  </message>
  <message>
   <source>the figure</source>
   <translation>die Abbildung</translation>
  </message>
  <message>
   <source>the figure as it is now</source>
   <translation>die Abbildung, wie sie jetzt ist</translation>
  </message>
  <message>
   <source>the gravest first, or in the order of the variables</source>
   <translation>das Schwerste zuerst, oder in der Reihenfolge der Variablen</translation>
  </message>
  <message>
   <source>the house style</source>
   <translation>der Hausstil</translation>
  </message>
  <message>
   <source>the level of confidence intervals and bands</source>
   <translation>das Niveau der Konfidenzintervalle und Bänder</translation>
  </message>
  <message>
   <source>the limits of the classes, all of them</source>
   <translation>die Grenzen der Klassen, alle</translation>
  </message>
  <message>
   <source>the marks of Istrel’s numbers are gone, a program that saved it drops them; what moved is named, not exchanged</source>
   <translation>die Markierungen von Istrels Zahlen fehlen, ein Programm, das es gespeichert hat, lässt sie weg; was sich geändert hat, wird genannt, nicht ausgetauscht</translation>
  </message>
  <message>
   <source>the middle of its scale</source>
   <translation>die Mitte seiner Skala</translation>
  </message>
  <message>
   <source>the note says the test unasked</source>
   <translation>die Anmerkung nennt den Test ungefragt</translation>
  </message>
  <message>
   <source>the opposite</source>
   <translation>das Gegenteil</translation>
  </message>
  <message>
   <source>the order of the values; of a heat map, its variables as they are alike</source>
   <translation>die Reihenfolge der Werte; bei einer Heatmap die der Variablen nach Ähnlichkeit</translation>
  </message>
  <message>
   <source>the other side: columns of a cross-table, or the one variable to rank against</source>
   <translation>die andere Seite: Spalten einer Kreuztabelle, oder die eine Variable, gegen die gereiht wird</translation>
  </message>
  <message>
   <source>the page</source>
   <translation>die Seite</translation>
  </message>
  <message>
   <source>the paper</source>
   <translation>das Manuskript</translation>
  </message>
  <message>
   <source>the paragraph reads otherwise in the document, or its numbers are others now</source>
   <translation>der Absatz lautet im Dokument anders, oder seine Zahlen sind jetzt andere</translation>
  </message>
  <message>
   <source>the paragraph written last</source>
   <translation>der zuletzt geschriebene Absatz</translation>
  </message>
  <message>
   <source>the pasted cells</source>
   <translation>die eingefügten Zellen</translation>
  </message>
  <message>
   <source>the period whose means are the points of a line</source>
   <translation>der Zeitraum, dessen Mittelwerte die Punkte einer Linie sind</translation>
  </message>
  <message>
   <source>the shape of distributions: normality; the items of a scale</source>
   <translation>die Gestalt von Verteilungen: Normalität; die Items einer Skala</translation>
  </message>
  <message>
   <source>the share of cases up to each value</source>
   <translation>der Anteil der Fälle bis zu jedem Wert</translation>
  </message>
  <message>
   <source>the share of values that a trimmed mean leaves out at each end</source>
   <translation>der Anteil der Werte, den ein gestutzter Mittelwert an jedem Ende weglässt</translation>
  </message>
  <message>
   <source>the source in use</source>
   <translation>die verwendete Quelle</translation>
  </message>
  <message>
   <source>the study</source>
   <translation>die Studie</translation>
  </message>
  <message>
   <source>the table in the document has another shape</source>
   <translation>die Tabelle im Dokument hat eine andere Form</translation>
  </message>
  <message>
   <source>the table lay on its side, a case in each column, and was turned. To read it as it stands, put its names in row 1.</source>
   <translation>die Tabelle lag auf der Seite, mit einem Fall in jeder Spalte, und wurde gedreht. Um sie zu lesen, wie sie steht, setzen Sie ihre Namen in Zeile 1.</translation>
  </message>
  <message>
   <source>the type of quantile, after Hyndman and Fan</source>
   <translation>die Art des Quantils, nach Hyndman und Fan</translation>
  </message>
  <message>
   <source>the variables do not have the same answers</source>
   <translation>die Variablen haben nicht dieselben Antworten</translation>
  </message>
  <message>
   <source>the variables that make the groups</source>
   <translation>die Variablen, die die Gruppen bilden</translation>
  </message>
  <message>
   <source>the width of the classes</source>
   <translation>die Breite der Klassen</translation>
  </message>
  <message>
   <source>there are no variables in it (“var” within “dataDscr”), so it is no codebook of an archive.</source>
   <translation>es sind keine Variablen darin („var“ in „dataDscr“), also ist es kein Codebuch eines Archivs.</translation>
  </message>
  <message>
   <source>there are no “columns” in its “tableSchema”.</source>
   <translation>in „tableSchema“ stehen keine „columns“.</translation>
  </message>
  <message>
   <source>there are {count} of them, and a page holds {most}</source>
   <translation>es sind {count}, und eine Seite fasst {most}</translation>
  </message>
  <message>
   <source>there is no Table Schema in it: a list of “fields”, each with a “name”.</source>
   <translation>es ist kein Table Schema darin: eine Liste „fields“, jedes mit „name“.</translation>
  </message>
  <message>
   <source>these frequencies are of groups</source>
   <translation>diese Häufigkeiten sind von Gruppen</translation>
  </message>
  <message>
   <source>thin space</source>
   <translation>dünnes Leerzeichen</translation>
  </message>
  <message>
   <source>third quartile</source>
   <translation>drittes Quartil</translation>
  </message>
  <message>
   <source>this document</source>
   <translation>dieses Dokument</translation>
  </message>
  <message>
   <source>this format has no tracked changes for rows; without “--tracked” the table comes whole</source>
   <translation>dieses Format kennt keine nachverfolgten Änderungen für Zeilen; ohne „--tracked“ kommt die Tabelle ganz</translation>
  </message>
  <message>
   <source>this is no Data Package and no Table Schema.</source>
   <translation>das ist weder ein Data Package noch ein Table Schema.</translation>
  </message>
  <message>
   <source>this is no sound JSON.</source>
   <translation>das ist kein gültiges JSON.</translation>
  </message>
  <message>
   <source>this is no sound XML ({why}).</source>
   <translation>das ist kein gültiges XML ({why}).</translation>
  </message>
  <message>
   <source>this is no table ({error}).</source>
   <translation>das ist keine Tabelle ({error}).</translation>
  </message>
  <message>
   <source>this part leaves the sentence</source>
   <translation>dieser Teil verlässt den Satz</translation>
  </message>
  <message>
   <source>this study cannot be understood.</source>
   <translation>diese Studie ist nicht zu verstehen.</translation>
  </message>
  <message>
   <source>this table has lost its mark, so it was left as it is</source>
   <translation>diese Tabelle hat ihre Markierung verloren, deshalb blieb sie, wie sie ist</translation>
  </message>
  <message>
   <source>thousandths of seconds</source>
   <translation>Tausendstelsekunden</translation>
  </message>
  <message>
   <source>tiles of fewer cases are left white</source>
   <translation>Kacheln mit weniger Fällen bleiben weiß</translation>
  </message>
  <message>
   <source>times of day are kept as they stand; their zone ({zones}) is not.</source>
   <translation>Uhrzeiten bleiben, wie sie dastehen; ihre Zeitzone ({zones}) nicht.</translation>
  </message>
  <message>
   <source>times of day are those of {zone}.</source>
   <translation>Uhrzeiten sind die von {zone}.</translation>
  </message>
  <message>
   <source>times of day, read as hours</source>
   <translation>Uhrzeiten, als Stunden gelesen</translation>
  </message>
  <message>
   <source>title</source>
   <translation>Titel</translation>
  </message>
  <message>
   <source>to the main text</source>
   <translation>in den Haupttext</translation>
  </message>
  <message>
   <source>to the supplement</source>
   <translation>in die Ergänzung</translation>
  </message>
  <message>
   <source>to {value}</source>
   <translation>bis {value}</translation>
  </message>
  <message>
   <source>treat as binary</source>
   <translation>als binär behandeln</translation>
  </message>
  <message>
   <source>treat as identifier</source>
   <translation>als Kennung behandeln</translation>
  </message>
  <message>
   <source>treat as missing</source>
   <translation>als fehlend behandeln</translation>
  </message>
  <message>
   <source>treat as nominal</source>
   <translation>als nominal behandeln</translation>
  </message>
  <message>
   <source>treat as ordinal</source>
   <translation>als ordinal behandeln</translation>
  </message>
  <message>
   <source>treat the rest as missing</source>
   <translation>den Rest als fehlend behandeln</translation>
  </message>
  <message>
   <source>treat {codes} as missing</source>
   <translation>{codes} als fehlend behandeln</translation>
  </message>
  <message>
   <source>treat {code} as missing</source>
   <translation>{code} als fehlend behandeln</translation>
  </message>
  <message>
   <source>treat {shown} as missing</source>
   <translation>{shown} als fehlend behandeln</translation>
  </message>
  <message>
   <source>treat “{word}” as missing</source>
   <translation>„{word}“ als fehlend behandeln</translation>
  </message>
  <message>
   <source>trimmed M</source>
   <translation>gestutztes M</translation>
  </message>
  <message>
   <source>turned</source>
   <translation>gedreht</translation>
  </message>
  <message>
   <source>twice</source>
   <translation>zweimal</translation>
  </message>
  <message>
   <source>two</source>
   <translation>zwei</translation>
  </message>
  <message>
   <source>two values at which the axis across ends; nothing that is drawn lies beyond</source>
   <translation>zwei Werte, an denen die waagrechte Achse endet; nichts Gezeichnetes liegt dahinter</translation>
  </message>
  <message>
   <source>two values at which the axis upwards ends; nothing that is drawn lies beyond</source>
   <translation>zwei Werte, an denen die senkrechte Achse endet; nichts Gezeichnetes liegt dahinter</translation>
  </message>
  <message>
   <source>two values beyond which nothing can lie; the curve is reflected there</source>
   <translation>zwei Werte, hinter denen nichts liegen kann; dort wird die Kurve gespiegelt</translation>
  </message>
  <message>
   <source>two variables, case by case or as a plane of counts</source>
   <translation>zwei Variablen, Fall für Fall oder als Fläche von Anzahlen</translation>
  </message>
  <message>
   <source>type 6</source>
   <translation>Typ 6</translation>
  </message>
  <message>
   <source>type 7</source>
   <translation>Typ 7</translation>
  </message>
  <message>
   <source>type 8</source>
   <translation>Typ 8</translation>
  </message>
  <message>
   <source>typed by hand</source>
   <translation>von Hand geschrieben</translation>
  </message>
  <message>
   <source>typed number</source>
   <translation>geschriebene Zahl</translation>
  </message>
  <message>
   <source>undo it</source>
   <translation>zurücknehmen</translation>
  </message>
  <message>
   <source>unit</source>
   <translation>Einheit</translation>
  </message>
  <message>
   <source>upper limit of the confidence interval of the mean</source>
   <translation>obere Grenze des Konfidenzintervalls des Mittelwerts</translation>
  </message>
  <message>
   <source>upper limit of the confidence interval of the median</source>
   <translation>obere Grenze des Konfidenzintervalls des Medians</translation>
  </message>
  <message>
   <source>upper limit of the interval of the ICC</source>
   <translation>obere Grenze des Intervalls der ICC</translation>
  </message>
  <message>
   <source>upwards</source>
   <translation>senkrecht</translation>
  </message>
  <message>
   <source>use another source</source>
   <translation>eine andere Quelle verwenden</translation>
  </message>
  <message>
   <source>use medians</source>
   <translation>Mediane verwenden</translation>
  </message>
  <message>
   <source>usual</source>
   <translation>üblich</translation>
  </message>
  <message>
   <source>valid</source>
   <translation>gültig</translation>
  </message>
  <message>
   <source>value labels are written “1 = primary | 2 = secondary”; “{part}” is not.</source>
   <translation>Wertbeschriftungen schreibt man „1 = primary | 2 = secondary“; „{part}“ nicht.</translation>
  </message>
  <message>
   <source>value labels of {names}</source>
   <translation>Wertebeschriftungen von {names}</translation>
  </message>
  <message>
   <source>value of {name}</source>
   <translation>Wert von {name}</translation>
  </message>
  <message>
   <source>values beyond the fences and their cases</source>
   <translation>Werte jenseits der Zäune und ihre Fälle</translation>
  </message>
  <message>
   <source>values exchanged for others</source>
   <translation>Werte gegen andere ausgetauscht</translation>
  </message>
  <message>
   <source>values of a measured variable in classes (yes), or one by one (no)</source>
   <translation>Werte einer gemessenen Variablen in Klassen (ja), oder einzeln (nein)</translation>
  </message>
  <message>
   <source>values over time, or means per period</source>
   <translation>Werte über die Zeit, oder Mittelwerte je Zeitraum</translation>
  </message>
  <message>
   <source>values to spread</source>
   <translation>Werte zum Ausbreiten</translation>
  </message>
  <message>
   <source>variables in columns</source>
   <translation>Variablen in Spalten</translation>
  </message>
  <message>
   <source>variables that become rows</source>
   <translation>Variablen, die zu Zeilen werden</translation>
  </message>
  <message>
   <source>variables that hardly vary</source>
   <translation>Variablen, die sich kaum unterscheiden</translation>
  </message>
  <message>
   <source>variance, n − 1</source>
   <translation>Varianz, n − 1</translation>
  </message>
  <message>
   <source>week</source>
   <translation>Woche</translation>
  </message>
  <message>
   <source>weekday</source>
   <translation>Wochentag</translation>
  </message>
  <message>
   <source>weeks, read as their first days (Mondays).</source>
   <translation>Wochen, als ihr erster Tag (Montag) gelesen.</translation>
  </message>
  <message>
   <source>weigh every row</source>
   <translation>jede Zeile gewichten</translation>
  </message>
  <message>
   <source>weight the rows by {name}</source>
   <translation>die Zeilen mit {name} gewichten</translation>
  </message>
  <message>
   <source>weighted by {title}</source>
   <translation>gewichtet mit {title}</translation>
  </message>
  <message>
   <source>what fits</source>
   <translation>was passt</translation>
  </message>
  <message>
   <source>what is marked and named</source>
   <translation>was markiert und benannt ist</translation>
  </message>
  <message>
   <source>what is taken out of both variables (partial correlation)</source>
   <translation>was aus beiden Variablen herausgenommen wird (partielle Korrelation)</translation>
  </message>
  <message>
   <source>what it looks like</source>
   <translation>wie es aussieht</translation>
  </message>
  <message>
   <source>what means no answer?</source>
   <translation>was heißt keine Antwort?</translation>
  </message>
  <message>
   <source>what of it</source>
   <translation>was davon</translation>
  </message>
  <message>
   <source>what stands beside its numbers (“{word}”) is not known as a unit; it was left as text.</source>
   <translation>was neben den Zahlen steht („{word}“), ist nicht als Einheit bekannt; die Spalte blieb Text.</translation>
  </message>
  <message>
   <source>what stands beside its numbers differs (“{one}”, “{other}”); it was left as text.</source>
   <translation>was neben den Zahlen steht, ist verschieden („{one}“, „{other}“); die Spalte blieb Text.</translation>
  </message>
  <message>
   <source>what tells the rows of a case apart</source>
   <translation>was die Zeilen eines Falls unterscheidet</translation>
  </message>
  <message>
   <source>what the height of a bar is</source>
   <translation>was die Höhe eines Balkens ist</translation>
  </message>
  <message>
   <source>what the interval around a mean is</source>
   <translation>was das Intervall um einen Mittelwert ist</translation>
  </message>
  <message>
   <source>what the percentages of a cross-table are of</source>
   <translation>wovon die Prozente einer Kreuztabelle sind</translation>
  </message>
  <message>
   <source>what was measured</source>
   <translation>was gemessen wurde</translation>
  </message>
  <message>
   <source>where the first class begins</source>
   <translation>wo die erste Klasse beginnt</translation>
  </message>
  <message>
   <source>where values are missing, case by case</source>
   <translation>wo Werte fehlen, Fall für Fall</translation>
  </message>
  <message>
   <source>where whiskers end</source>
   <translation>wo Antennen enden</translation>
  </message>
  <message>
   <source>whether chance explains the difference between the groups; yes follows the statistics asked for</source>
   <translation>ob der Zufall den Unterschied zwischen den Gruppen erklärt; ja folgt den verlangten Statistiken</translation>
  </message>
  <message>
   <source>which coefficient of correlation</source>
   <translation>welcher Korrelationskoeffizient</translation>
  </message>
  <message>
   <source>which statistics the table shows, and in which order</source>
   <translation>welche Statistiken die Tabelle zeigt, und in welcher Reihenfolge</translation>
  </message>
  <message>
   <source>which tests of normality the table shows</source>
   <translation>welche Tests auf Normalität die Tabelle zeigt</translation>
  </message>
  <message>
   <source>whole numbers</source>
   <translation>ganze Zahlen</translation>
  </message>
  <message>
   <source>with</source>
   <translation>mit</translation>
  </message>
  <message>
   <source>with the other exhibits</source>
   <translation>mit den anderen Darstellungen</translation>
  </message>
  <message>
   <source>with {label}</source>
   <translation>mit {label}</translation>
  </message>
  <message>
   <source>with “{text}”</source>
   <translation>mit „{text}“</translation>
  </message>
  <message>
   <source>within the fences</source>
   <translation>innerhalb der Zäune</translation>
  </message>
  <message>
   <source>without a value</source>
   <translation>ohne Wert</translation>
  </message>
  <message>
   <source>without it {without:.6g}</source>
   <translation>ohne sie {without:.6g}</translation>
  </message>
  <message>
   <source>words may no longer hold</source>
   <translation>Worte stimmen vielleicht nicht mehr</translation>
  </message>
  <message>
   <source>words may no longer hold: {says}</source>
   <translation>Worte stimmen vielleicht nicht mehr: {says}</translation>
  </message>
  <message>
   <source>words no longer hold</source>
   <translation>Worte stimmen nicht mehr</translation>
  </message>
  <message>
   <source>write missing = show</source>
   <translation>schreiben Sie missing = show</translation>
  </message>
  <message>
   <source>write out</source>
   <translation>ausgeben</translation>
  </message>
  <message>
   <source>write the codebook: as an appendix to print, or as CSV</source>
   <translation>das Codebuch schreiben: als Anhang zum Drucken, oder als CSV</translation>
  </message>
  <message>
   <source>writing the codebook</source>
   <translation>das Codebuch wird geschrieben</translation>
  </message>
  <message>
   <source>writing the report</source>
   <translation>der Bericht wird geschrieben</translation>
  </message>
  <message>
   <source>writing the study</source>
   <translation>die Studie wird geschrieben</translation>
  </message>
  <message>
   <source>writing {name}</source>
   <translation>{name} wird geschrieben</translation>
  </message>
  <message>
   <source>wrong end</source>
   <translation>falsches Ende</translation>
  </message>
  <message>
   <source>wrong group</source>
   <translation>falsche Gruppe</translation>
  </message>
  <message>
   <source>year</source>
   <translation>Jahr</translation>
  </message>
  <message>
   <source>year of a date</source>
   <translation>Jahr eines Datums</translation>
  </message>
  <message>
   <source>years of an era, those before ours below 0 ({number} for “{word}”).</source>
   <translation>Jahre einer Zeitrechnung, die vor unserer unter 0 ({number} für „{word}“).</translation>
  </message>
  <message>
   <source>yes</source>
   <translation>ja</translation>
  </message>
  <message>
   <source>z-score</source>
   <translation>z-Wert</translation>
  </message>
  <message>
   <source>z-score: distance from the mean in standard deviations</source>
   <translation>z-Wert: Abstand vom Mittelwert in Standardabweichungen</translation>
  </message>
  <message>
   <source>{above} was above {below}; they are {above_now} and {below_now} now</source>
   <translation>{above} lag über {below}; jetzt sind es {above_now} und {below_now}</translation>
  </message>
  <message numerus="yes">
   <source>{cases} in {n:,} [row|rows]</source>
   <translation>
    <numerusform>{cases} in {n:,} Zeile</numerusform>
    <numerusform>{cases} in {n:,} Zeilen</numerusform>
   </translation>
  </message>
  <message>
   <source>{code} no answer</source>
   <translation>{code} keine Antwort</translation>
  </message>
  <message>
   <source>{count:,} variables would result, more than {most_new}; choose another variable to tell rows apart.</source>
   <translation>Es entstünden {count:,} Variablen, mehr als {most_new}; wählen Sie eine andere Variable, die die Zeilen unterscheidet.</translation>
  </message>
  <message>
   <source>{file} was changed by another program while it was open; the study goes on as “{other}”, and {file} stays.</source>
   <translation>{file} wurde von einem anderen Programm geändert, während sie offen war; die Studie geht als „{other}“ weiter, und {file} bleibt.</translation>
  </message>
  <message>
   <source>{file} was taken away while it was open; the study was saved there anew.</source>
   <translation>{file} wurde entfernt, während sie offen war; die Studie wurde dort neu gesichert.</translation>
  </message>
  <message>
   <source>{file}, line {line}: this is no JSON record.</source>
   <translation>{file}, Zeile {line}: das ist kein JSON-Datensatz.</translation>
  </message>
  <message numerus="yes">
   <source>{file}, line {line}: {n} [field|fields] where the row of names has {names}. Mend the line, or name the delimiter.</source>
   <translation>
    <numerusform>{file}, Zeile {line}: {n} Feld, wo die Namenszeile {names} hat. Bessern Sie die Zeile aus, oder nennen Sie das Trennzeichen.</numerusform>
    <numerusform>{file}, Zeile {line}: {n} Felder, wo die Namenszeile {names} hat. Bessern Sie die Zeile aus, oder nennen Sie das Trennzeichen.</numerusform>
   </translation>
  </message>
  <message>
   <source>{file}, line {number}: a record of more than {size} MB is not read.</source>
   <translation>{file}, Zeile {number}: ein Datensatz von mehr als {size} MB wird nicht gelesen.</translation>
  </message>
  <message>
   <source>{file}, line {number}: the record is nested more than {deepest} deep.</source>
   <translation>{file}, Zeile {number}: der Datensatz ist mehr als {deepest}-fach verschachtelt.</translation>
  </message>
  <message>
   <source>{file}: a JSON document of more than 1 GB is not read; save its records one to a line (.jsonl).</source>
   <translation>{file}: Ein JSON-Dokument von mehr als 1 GB wird nicht gelesen; speichern Sie die Datensätze je in einer Zeile (.jsonl).</translation>
  </message>
  <message>
   <source>{file}: a document of more than {size} MB is not read.</source>
   <translation>{file}: ein Dokument von mehr als {size} MB wird nicht gelesen.</translation>
  </message>
  <message>
   <source>{file}: a document that is refreshed is a .docx or an .odt.</source>
   <translation>{file}: aufgefrischt wird ein .docx oder ein .odt.</translation>
  </message>
  <message>
   <source>{file}: a name in it is not UTF-8 text.</source>
   <translation>{file}: Ein Name darin ist kein UTF-8-Text.</translation>
  </message>
  <message>
   <source>{file}: a paper that is read is a {names} or {endings}.</source>
   <translation>{file}: gelesen wird ein Manuskript als {names} oder {endings}.</translation>
  </message>
  <message>
   <source>{file}: a template is a .docx or an .odt.</source>
   <translation>{file}: eine Vorlage ist ein .docx oder ein .odt.</translation>
  </message>
  <message>
   <source>{file}: a text in it is not UTF-8.</source>
   <translation>{file}: Ein Text darin ist nicht UTF-8.</translation>
  </message>
  <message>
   <source>{file}: another program is using this study just now; try again.</source>
   <translation>{file}: ein anderes Programm benutzt diese Studie gerade; versuchen Sie es noch einmal.</translation>
  </message>
  <message>
   <source>{file}: it cannot be read as delimited text: {why}.</source>
   <translation>{file}: Sie lässt sich nicht als Text mit Trennzeichen lesen: {why}.</translation>
  </message>
  <message>
   <source>{file}: it cannot be unpacked; it is broken or was cut off.</source>
   <translation>{file}: Sie lässt sich nicht entpacken; sie ist beschädigt oder abgeschnitten.</translation>
  </message>
  <message>
   <source>{file}: it holds {rows:,} rows of {columns:,} columns, more than {most:,} values. Take fewer columns, or set ISTREL_MOST_VALUES to a larger number if the memory is there.</source>
   <translation>{file}: sie enthält {rows:,} Zeilen mit {columns:,} Spalten, mehr als {most:,} Werte. Nehmen Sie weniger Spalten, oder setzen Sie ISTREL_MOST_VALUES höher, wenn der Speicher da ist.</translation>
  </message>
  <message>
   <source>{file}: it is nested more than {deepest} deep.</source>
   <translation>{file}: sie ist mehr als {deepest}-fach verschachtelt.</translation>
  </message>
  <message>
   <source>{file}: it is packed twice; unpack it, and open the file in it.</source>
   <translation>{file}: Sie ist zweimal gepackt; entpacken Sie sie, und öffnen Sie die Datei darin.</translation>
  </message>
  <message>
   <source>{file}: it names no table of data (“resources” with a “path”, or a “url”).</source>
   <translation>{file}: es nennt keine Datentabelle („resources“ mit „path“, oder „url“).</translation>
  </message>
  <message>
   <source>{file}: it unpacks to more than {size:.1f} GB, which is more than a packed table may.</source>
   <translation>{file}: entpackt sind es mehr als {size:.1f} GB, mehr als eine gepackte Tabelle haben darf.</translation>
  </message>
  <message>
   <source>{file}: its part {name} is too large to be read.</source>
   <translation>{file}: sein Teil {name} ist zu groß zum Lesen.</translation>
  </message>
  <message>
   <source>{file}: its table “{place}” does not stand beside it, and nothing is fetched; open a copy of it.</source>
   <translation>{file}: seine Tabelle „{place}“ steht nicht daneben, und geholt wird nichts; öffnen Sie eine Kopie davon.</translation>
  </message>
  <message>
   <source>{file}: its table “{place}” is not there; put it beside the description.</source>
   <translation>{file}: seine Tabelle „{place}“ ist nicht da; legen Sie sie neben die Beschreibung.</translation>
  </message>
  <message>
   <source>{file}: no variable of it is in these data; it names {names}.</source>
   <translation>{file}: keine seiner Variablen ist in diesen Daten; es nennt {names}.</translation>
  </message>
  <message>
   <source>{file}: the archive is locked with a password; unpack it, and open the file in it.</source>
   <translation>{file}: Das Archiv ist mit einem Kennwort geschützt; entpacken Sie es, und öffnen Sie die Datei darin.</translation>
  </message>
  <message>
   <source>{file}: the bytes are not {letters}; name another encoding, or none.</source>
   <translation>{file}: Die Bytes sind nicht {letters}; nennen Sie eine andere Kodierung oder keine.</translation>
  </message>
  <message>
   <source>{file}: the bytes are not {letters}; name the encoding, for example cp1252.</source>
   <translation>{file}: Die Bytes sind nicht {letters}; nennen Sie die Kodierung, zum Beispiel cp1252.</translation>
  </message>
  <message>
   <source>{file}: the column “{name}” holds what cannot be shown as numbers, dates or text.</source>
   <translation>{file}: die Spalte „{name}“ enthält, was sich nicht als Zahlen, Daten oder Text zeigen lässt.</translation>
  </message>
  <message>
   <source>{file}: the file is empty.</source>
   <translation>{file}: Die Datei ist leer.</translation>
  </message>
  <message>
   <source>{file}: the file was changed or cut short while it was read; read it again.</source>
   <translation>{file}: Die Datei wurde beim Lesen verändert oder gekürzt; lesen Sie sie noch einmal.</translation>
  </message>
  <message>
   <source>{file}: the records hold more than {most_names:,} different names, which no table has.</source>
   <translation>{file}: die Datensätze enthalten mehr als {most_names:,} verschiedene Namen; so viele hat keine Tabelle.</translation>
  </message>
  <message>
   <source>{file}: the refreshed document stays a {ending} file.</source>
   <translation>{file}: das aufgefrischte Dokument bleibt eine {ending}-Datei.</translation>
  </message>
  <message>
   <source>{file}: the study cannot be read or written ({reason}).</source>
   <translation>{file}: die Studie lässt sich nicht lesen oder schreiben ({reason}).</translation>
  </message>
  <message>
   <source>{file}: there are names but no rows of data below them.</source>
   <translation>{file}: Es gibt Namen, aber keine Datenzeilen darunter.</translation>
  </message>
  <message>
   <source>{file}: there are no columns in it.</source>
   <translation>{file}: Sie enthält keine Spalten.</translation>
  </message>
  <message>
   <source>{file}: there are no records in it; a table is an array of records, or columns of arrays.</source>
   <translation>{file}: Sie enthält keine Datensätze; eine Tabelle ist eine Liste von Datensätzen, oder Spalten aus Listen.</translation>
  </message>
  <message>
   <source>{file}: there is no row of names in it.</source>
   <translation>{file}: Sie enthält keine Zeile mit Namen.</translation>
  </message>
  <message>
   <source>{file}: there is no sheet “{wanted}”.{hint} Its sheets are {names}.</source>
   <translation>{file}: ein Blatt „{wanted}“ gibt es nicht.{hint} Die Blätter sind {names}.</translation>
  </message>
  <message>
   <source>{file}: there is no such file.</source>
   <translation>{file}: Diese Datei gibt es nicht.</translation>
  </message>
  <message>
   <source>{file}: there is no table in this archive, but {inside}.</source>
   <translation>{file}: in diesem Archiv ist keine Tabelle, sondern {inside}.</translation>
  </message>
  <message>
   <source>{file}: there is no table in this database.</source>
   <translation>{file}: In dieser Datenbank gibt es keine Tabelle.</translation>
  </message>
  <message>
   <source>{file}: there is no table “{sheet}” in it.{hint} Its tables are {names}.</source>
   <translation>{file}: darin ist keine Tabelle „{sheet}“.{hint} Seine Tabellen sind {names}.</translation>
  </message>
  <message>
   <source>{file}: there is no table “{wanted}”.{hint} Its tables are {names}.</source>
   <translation>{file}: eine Tabelle „{wanted}“ gibt es nicht.{hint} Die Tabellen sind {names}.</translation>
  </message>
  <message>
   <source>{file}: there is no “{wanted}” in it.{hint} Its tables are {names}.</source>
   <translation>{file}: „{wanted}“ ist nicht darin.{hint} Die Tabellen sind {names}.</translation>
  </message>
  <message>
   <source>{file}: this document is too large to be read.</source>
   <translation>{file}: dieses Dokument ist zu groß zum Lesen.</translation>
  </message>
  <message>
   <source>{file}: this file is read here and is never written over; choose another name.</source>
   <translation>{file}: Diese Datei wird hier gelesen und nie überschrieben; wählen Sie einen anderen Namen.</translation>
  </message>
  <message>
   <source>{file}: this is a folder; name a file in it.</source>
   <translation>{file}: Das ist ein Ordner; nennen Sie eine Datei darin.</translation>
  </message>
  <message>
   <source>{file}: this is a page or document in markup, or a file of another program; {as_text}.</source>
   <translation>{file}: das ist eine Seite oder ein Dokument mit Auszeichnungen, oder die Datei eines anderen Programms; {as_text}.</translation>
  </message>
  <message>
   <source>{file}: this is a presentation; {as_text}.</source>
   <translation>{file}: das ist eine Präsentation; {as_text}.</translation>
  </message>
  <message>
   <source>{file}: this is a text document; {as_text}.</source>
   <translation>{file}: das ist ein Textdokument; {as_text}.</translation>
  </message>
  <message>
   <source>{file}: this is no document of text.</source>
   <translation>{file}: das ist kein Textdokument.</translation>
  </message>
  <message>
   <source>{file}: this is no document, or it is damaged.</source>
   <translation>{file}: das ist kein Dokument, oder es ist beschädigt.</translation>
  </message>
  <message>
   <source>{file}: this is no regular file; write what it gives to a file first.</source>
   <translation>{file}: Das ist keine gewöhnliche Datei; schreiben Sie erst in eine Datei, was sie liefert.</translation>
  </message>
  <message>
   <source>{file}: this is no sound Arrow file, or it was cut off.</source>
   <translation>{file}: Das ist keine heile Arrow-Datei, oder sie ist abgeschnitten.</translation>
  </message>
  <message>
   <source>{file}: this is no sound JSON ({why}).</source>
   <translation>{file}: das ist kein gültiges JSON ({why}).</translation>
  </message>
  <message>
   <source>{file}: this is no sound Parquet file, or it was cut off.</source>
   <translation>{file}: Das ist keine heile Parquet-Datei, oder sie ist abgeschnitten.</translation>
  </message>
  <message>
   <source>{file}: this is no sound database, or it was cut off ({error}).</source>
   <translation>{file}: das ist keine heile Datenbank, oder sie wurde abgeschnitten ({error}).</translation>
  </message>
  <message>
   <source>{file}: this is no study.</source>
   <translation>{file}: das ist keine Studie.</translation>
  </message>
  <message>
   <source>{file}: this is not a text file (it holds NUL bytes); open delimited text such as .csv.</source>
   <translation>{file}: Das ist keine Textdatei (sie enthält NUL-Bytes); öffnen Sie Text mit Trennzeichen wie .csv.</translation>
  </message>
  <message>
   <source>{file}: this is not a text file; open delimited text such as .csv.</source>
   <translation>{file}: Das ist keine Textdatei; öffnen Sie Text mit Trennzeichen wie .csv.</translation>
  </message>
  <message>
   <source>{file}: this is {words}.</source>
   <translation>{file}: das ist {words}.</translation>
  </message>
  <message>
   <source>{file}: this study holds other tables than it should, so it is not opened.</source>
   <translation>{file}: diese Studie enthält andere Tabellen, als sie sollte; darum wird sie nicht geöffnet.</translation>
  </message>
  <message>
   <source>{file}: this study is damaged or is none; {what_to_do}.</source>
   <translation>{file}: diese Studie ist beschädigt oder ist keine; {what_to_do}.</translation>
  </message>
  <message>
   <source>{file}: this study is damaged; {what_to_do}.</source>
   <translation>{file}: diese Studie ist beschädigt; {what_to_do}.</translation>
  </message>
  <message>
   <source>{file}: this study is open in another window or run; close it there first.</source>
   <translation>{file}: diese Studie ist in einem anderen Fenster oder Lauf offen; schließen Sie sie dort zuerst.</translation>
  </message>
  <message>
   <source>{file}: this study was made by a newer Istrel; open it with that one.</source>
   <translation>{file}: diese Studie stammt von einem neueren Istrel; öffnen Sie sie mit jenem.</translation>
  </message>
  <message>
   <source>{file}: unpacked it would take {size:.1f} GB, more than a workbook may (1 GB). Save the sheet as delimited text (.csv).</source>
   <translation>{file}: entpackt wären es {size:.1f} GB, mehr als eine Arbeitsmappe haben darf (1 GB). Speichern Sie das Blatt als Text mit Trennzeichen (.csv).</translation>
  </message>
  <message>
   <source>{file}: {given_up} (It was given up after {patience:.0f} seconds.)</source>
   <translation>{file}: {given_up} (Nach {patience:.0f} Sekunden wurde aufgegeben.)</translation>
  </message>
  <message>
   <source>{file}: {what} is not UTF-8 text.</source>
   <translation>{file}: {what} ist kein UTF-8-Text.</translation>
  </message>
  <message>
   <source>{file}: {what} of more than {size} MB is not read.</source>
   <translation>{file}: {what} von mehr als {size} MB wird nicht gelesen.</translation>
  </message>
  <message>
   <source>{file}: “{letters}” is not a known encoding; try utf-8 or cp1252.</source>
   <translation>{file}: „{letters}“ ist keine bekannte Kodierung; versuchen Sie utf-8 oder cp1252.</translation>
  </message>
  <message>
   <source>{first} to {last}</source>
   <translation>{first} bis {last}</translation>
  </message>
  <message>
   <source>{folder}: cannot be made ({why}).</source>
   <translation>{folder}: lässt sich nicht anlegen ({why}).</translation>
  </message>
  <message>
   <source>{forms} across groups</source>
   <translation>{forms} mit Gruppen (across)</translation>
  </message>
  <message>
   <source>{forms} across groups or of several variables</source>
   <translation>{forms} mit Gruppen (across) oder mehreren Variablen</translation>
  </message>
  <message>
   <source>{label} calls {names} by name only; the codebook has no label.</source>
   <translation>{label} nennt {names} nur beim Namen; das Codebuch hat keine Beschriftung.</translation>
  </message>
  <message>
   <source>{label} cannot be made: {trouble}</source>
   <translation>{label} kann nicht gemacht werden: {trouble}</translation>
  </message>
  <message>
   <source>{label} copied</source>
   <translation>{label} kopiert</translation>
  </message>
  <message>
   <source>{label} does not say of how many cases it is.</source>
   <translation>{label} sagt nicht, von wie vielen Fällen.</translation>
  </message>
  <message>
   <source>{label} draws standard errors; confidence intervals say more.</source>
   <translation>{label} zeichnet Standardfehler; Konfidenzintervalle sagen mehr.</translation>
  </message>
  <message>
   <source>{label} gives means without standard deviations or intervals.</source>
   <translation>{label} nennt Mittelwerte ohne Standardabweichungen oder Intervalle.</translation>
  </message>
  <message>
   <source>{label} gives medians without quartiles or a range.</source>
   <translation>{label} nennt Mediane ohne Quartile oder Spannweite.</translation>
  </message>
  <message>
   <source>{label} gives p; the statistic and its df stand nowhere, show its results text.</source>
   <translation>{label} nennt p; Prüfgröße und Freiheitsgrade stehen nirgends, zeigen Sie den Ergebnistext.</translation>
  </message>
  <message>
   <source>{label} gives standard errors where readers look for standard deviations.</source>
   <translation>{label} nennt Standardfehler, wo man Standardabweichungen sucht.</translation>
  </message>
  <message>
   <source>{label} has {name} = {value}</source>
   <translation>{label} hat {name} = {value}</translation>
  </message>
  <message>
   <source>{label} hides how many cases {words} are, but {beside} it can be worked out; hide it there too, or keep one.</source>
   <translation>{label} verbirgt, wie viele Fälle {words} sind, aber {beside} lässt es sich erschließen; verbergen Sie es auch dort, oder behalten Sie nur eines.</translation>
  </message>
  <message>
   <source>{label} in the text</source>
   <translation>{label} im Text</translation>
  </message>
  <message>
   <source>{label} is mentioned before {label_2}.</source>
   <translation>{label} wird vor {label_2} erwähnt.</translation>
  </message>
  <message>
   <source>{label} is never mentioned in the text.</source>
   <translation>{label} wird im Text nie erwähnt.</translation>
  </message>
  <message>
   <source>{label} is {label_2} a second time.</source>
   <translation>{label} ist {label_2} ein zweites Mal.</translation>
  </message>
  <message numerus="yes">
   <source>{label} leaves out {n} [case|cases] without a group and does not say so.</source>
   <translation>
    <numerusform>{label} lässt {n} Fall ohne Gruppe weg und sagt es nicht.</numerusform>
    <numerusform>{label} lässt {n} Fälle ohne Gruppe weg und sagt es nicht.</numerusform>
   </translation>
  </message>
  <message>
   <source>{label} repeats {table}.</source>
   <translation>{label} wiederholt {table}.</translation>
  </message>
  <message numerus="yes">
   <source>{label} tests a group of {n} [case|cases].</source>
   <translation>
    <numerusform>{label} prüft eine Gruppe von {n} Fall.</numerusform>
    <numerusform>{label} prüft eine Gruppe von {n} Fällen.</numerusform>
   </translation>
  </message>
  <message>
   <source>{label} tests differences without saying how large they are.</source>
   <translation>{label} prüft Unterschiede, ohne zu sagen, wie groß sie sind.</translation>
  </message>
  <message>
   <source>{label}, “{found}” in the text</source>
   <translation>{label}, „{found}“ im Text</translation>
  </message>
  <message>
   <source>{label}: {name} holds {code:g}, which looks like a code for a missing answer.</source>
   <translation>{label}: {name} enthält {code:g}, was wie ein Code für eine fehlende Antwort aussieht.</translation>
  </message>
  <message>
   <source>{left}; it would be “{new}”</source>
   <translation>{left}; jetzt wäre es „{new}“</translation>
  </message>
  <message>
   <source>{len} more ▾</source>
   <translation>{len} weitere ▾</translation>
  </message>
  <message>
   <source>{letters} is cited in {where}.</source>
   <translation>{letters} ist zitiert: {where}.</translation>
  </message>
  <message>
   <source>{letters} is of {own}, but stands beside {beside}.</source>
   <translation>{letters} ist von {own}, steht aber neben {beside}.</translation>
  </message>
  <message>
   <source>{lost} is not where it was read; the study holds its data.</source>
   <translation>{lost} ist nicht mehr dort, wo es gelesen wurde; die Studie hat ihre Daten.</translation>
  </message>
  <message>
   <source>{low} to {high}</source>
   <translation>{low} bis {high}</translation>
  </message>
  <message>
   <source>{message} Count classes or bands, name the most frequent (top = 20), or limit the cases.</source>
   <translation>{message} Zählen Sie Klassen, nennen Sie die häufigsten (top = 20), oder schränken Sie die Fälle ein.</translation>
  </message>
  <message>
   <source>{message} Two make a scatter, many a heat map.</source>
   <translation>{message} Zwei ergeben ein Streudiagramm, viele eine Heatmap.</translation>
  </message>
  <message>
   <source>{message} What you do is not on disk; it is tried again with the next change.</source>
   <translation>{message} Was Sie tun, steht nicht auf der Platte; mit der nächsten Änderung wird es wieder versucht.</translation>
  </message>
  <message>
   <source>{message} “arrange” is for one axis; leave it out.</source>
   <translation>{message} „arrange“ gehört zu einer Achse; lassen Sie es weg.</translation>
  </message>
  <message>
   <source>{message}Limit the cases after “among”, or set it as table.</source>
   <translation>{message}Schränken Sie die Fälle nach „among“ ein, oder setzen Sie es als table.</translation>
  </message>
  <message>
   <source>{message}limit the cases after “among”, or leave log out.</source>
   <translation>{message}schränken Sie die Fälle nach „among“ ein, oder lassen Sie log weg.</translation>
  </message>
  <message>
   <source>{message}widen them, or limit the cases after “among”.</source>
   <translation>{message}erweitern Sie sie, oder schränken Sie die Fälle nach „among“ ein.</translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [case|cases]</source>
   <translation>
    <numerusform>{n:,} Fall</numerusform>
    <numerusform>{n:,} Fälle</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [cell|cells]</source>
   <translation>
    <numerusform>{n:,} Zelle</numerusform>
    <numerusform>{n:,} Zellen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [figure|figures] redrawn</source>
   <translation>
    <numerusform>{n:,} Abbildung neu gezeichnet</numerusform>
    <numerusform>{n:,} Abbildungen neu gezeichnet</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [line|lines] set aside</source>
   <translation>
    <numerusform>{n:,} Zeile beiseitegelegt</numerusform>
    <numerusform>{n:,} Zeilen beiseitegelegt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [number|numbers] moved</source>
   <translation>
    <numerusform>{n:,} Zahl hat sich geändert</numerusform>
    <numerusform>{n:,} Zahlen haben sich geändert</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [number|numbers] moved in the text</source>
   <translation>
    <numerusform>{n:,} Zahl im Text geändert</numerusform>
    <numerusform>{n:,} Zahlen im Text geändert</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [repeats|repeat] on both sides: their rows would multiply.</source>
   <translation>
    <numerusform>{n:,} wiederholt sich auf beiden Seiten: Ihre Zeilen würden sich vervielfachen.</numerusform>
    <numerusform>{n:,} wiederholen sich auf beiden Seiten: Ihre Zeilen würden sich vervielfachen.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [row repeats|rows repeat]</source>
   <translation>
    <numerusform>{n:,} Zeile wiederholt</numerusform>
    <numerusform>{n:,} Zeilen wiederholen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [row repeats|rows repeat] key and name; the first of each counts.</source>
   <translation>
    <numerusform>{n:,} Zeile wiederholt Schlüssel und Namen; die jeweils erste zählt.</numerusform>
    <numerusform>{n:,} Zeilen wiederholen Schlüssel und Namen; die jeweils erste zählt.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [row|rows]</source>
   <translation>
    <numerusform>{n:,} Zeile</numerusform>
    <numerusform>{n:,} Zeilen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [row|rows] without key [is|are] left out.</source>
   <translation>
    <numerusform>{n:,} Zeile ohne Schlüssel bleibt weg.</numerusform>
    <numerusform>{n:,} Zeilen ohne Schlüssel bleiben weg.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [row|rows] without key or name [is|are] left out.</source>
   <translation>
    <numerusform>{n:,} Zeile ohne Schlüssel oder Namen bleibt weg.</numerusform>
    <numerusform>{n:,} Zeilen ohne Schlüssel oder Namen bleiben weg.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [stands|stand] more than once</source>
   <translation>
    <numerusform>{n:,} steht mehr als einmal</numerusform>
    <numerusform>{n:,} stehen mehr als einmal</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [statement no longer holds|statements no longer hold]</source>
   <translation>
    <numerusform>{n:,} Aussage stimmt nicht mehr</numerusform>
    <numerusform>{n:,} Aussagen stimmen nicht mehr</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [value of {key} stands|values of {key} stand]</source>
   <translation>
    <numerusform>{n:,} Wert von {key} steht</numerusform>
    <numerusform>{n:,} Werte von {key} stehen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [variable|variables]</source>
   <translation>
    <numerusform>{n:,} Variable</numerusform>
    <numerusform>{n:,} Variablen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} [variable|variables] gathered</source>
   <translation>
    <numerusform>{n:,} Variable gesammelt</numerusform>
    <numerusform>{n:,} Variablen gesammelt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} different [text|texts]</source>
   <translation>
    <numerusform>{n:,} Text</numerusform>
    <numerusform>{n:,} verschiedene Texte</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} different [value|values]</source>
   <translation>
    <numerusform>{n:,} Wert</numerusform>
    <numerusform>{n:,} verschiedene Werte</numerusform>
   </translation>
  </message>
  <message>
   <source>{n:,} distinct</source>
   <translation>{n:,} verschiedene</translation>
  </message>
  <message numerus="yes">
   <source>{n:,} key [value repeats|values repeat] on the {side}.</source>
   <translation>
    <numerusform>{n:,} Schlüsselwert wiederholt sich {side}.</numerusform>
    <numerusform>{n:,} Schlüsselwerte wiederholen sich {side}.</numerusform>
   </translation>
  </message>
  <message>
   <source>{n:,} missing ({why})</source>
   <translation>{n:,} fehlend ({why})</translation>
  </message>
  <message numerus="yes">
   <source>{n:,} of its dates [has|have] day and month the other way round, and [was|were] left unread.</source>
   <translation>
    <numerusform>{n:,} der Daten hat Tag und Monat vertauscht und blieb ungelesen.</numerusform>
    <numerusform>{n:,} der Daten haben Tag und Monat vertauscht und blieben ungelesen.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n:,} on the {side} [has|have] none.</source>
   <translation>
    <numerusform>{n:,} {side} hat keines.</numerusform>
    <numerusform>{n:,} {side} haben keines.</numerusform>
   </translation>
  </message>
  <message>
   <source>{n:,} rows would result.</source>
   <translation>{n:,} Zeilen würden entstehen.</translation>
  </message>
  <message>
   <source>{n:,} times</source>
   <translation>{n:,}-mal</translation>
  </message>
  <message>
   <source>{n:,} valid</source>
   <translation>{n:,} gültig</translation>
  </message>
  <message numerus="yes">
   <source>{names} [is|are] not personal</source>
   <translation>
    <numerusform>{names} ist nicht persönlich</numerusform>
    <numerusform>{names} sind nicht persönlich</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{names} [is|are] personal</source>
   <translation>
    <numerusform>{names} ist persönlich</numerusform>
    <numerusform>{names} sind persönlich</numerusform>
   </translation>
  </message>
  <message>
   <source>{names} and {last}</source>
   <translation>{names} und {last}</translation>
  </message>
  <message>
   <source>{names} and {more:,} more</source>
   <translation>{names} und {more:,} weitere</translation>
  </message>
  <message>
   <source>{names} and {n:,} more</source>
   <translation>{names} und {n:,} weitere</translation>
  </message>
  <message>
   <source>{names} have different values, so their shares do not fit one figure; name one of them.</source>
   <translation>{names} haben verschiedene Werte, also passen ihre Anteile nicht in eine Abbildung; nennen Sie eine davon.</translation>
  </message>
  <message>
   <source>{name} (hidden)</source>
   <translation>{name} (ausgeblendet)</translation>
  </message>
  <message numerus="yes">
   <source>{name} has [a gap|{n} gaps]</source>
   <translation>
    <numerusform>{name} hat eine Lücke</numerusform>
    <numerusform>{name} hat {n} Lücken</numerusform>
   </translation>
  </message>
  <message>
   <source>{name} has {count} humps</source>
   <translation>{name} hat {count} Gipfel</translation>
  </message>
  <message>
   <source>{name} holds {value:g}, which is beyond what an axis or classes can hold; correct it, or limit the cases after “among”.</source>
   <translation>{name} enthält {value:g}, mehr als eine Achse oder Klassen fassen; berichtigen Sie es, oder schränken Sie die Fälle nach „among“ ein.</translation>
  </message>
  <message numerus="yes">
   <source>{name} in {n:,} [case|cases]</source>
   <translation>
    <numerusform>{name} in {n:,} Fall</numerusform>
    <numerusform>{name} in {n:,} Fällen</numerusform>
   </translation>
  </message>
  <message>
   <source>{name} is open here.</source>
   <translation>{name} ist hier offen.</translation>
  </message>
  <message>
   <source>{name} is strongly skewed; {label} gives its mean without a median.</source>
   <translation>{name} ist stark schief; {label} nennt den Mittelwert ohne Median.</translation>
  </message>
  <message>
   <source>{name} items</source>
   <translation>Items {name}</translation>
  </message>
  <message>
   <source>{name} looks like the weight of each row, with {drawn}.</source>
   <translation>{name} sieht aus wie das Gewicht jeder Zeile, mit {drawn}.</translation>
  </message>
  <message>
   <source>{name} looks like the weight of each row.</source>
   <translation>{name} sieht aus wie das Gewicht jeder Zeile.</translation>
  </message>
  <message>
   <source>{name} was not laid over: the study changed meanwhile; lay it over again.</source>
   <translation>{name} wurde nicht darübergelegt: Die Studie hat sich inzwischen geändert; legen Sie es noch einmal darüber.</translation>
  </message>
  <message>
   <source>{name} with {other}</source>
   <translation>{name} mit {other}</translation>
  </message>
  <message>
   <source>{name} written</source>
   <translation>{name} geschrieben</translation>
  </message>
  <message>
   <source>{name} · Istrel</source>
   <translation>{name} · Istrel</translation>
  </message>
  <message>
   <source>{name}, key words.{said}: at most {most_words:,} letters, without control characters.</source>
   <translation>{name}, Schlüssel words.{said}: höchstens {most_words:,} Buchstaben, ohne Steuerzeichen.</translation>
  </message>
  <message>
   <source>{name}, key words.{said}: its places for numbers and names are {there}.</source>
   <translation>{name}, Schlüssel words.{said}: die Plätze für Zahlen und Namen sind {there}.</translation>
  </message>
  <message>
   <source>{name}, key words: there is no phrase “{said}”.{hint}</source>
   <translation>{name}, Schlüssel words: eine Wendung „{said}“ gibt es nicht.{hint}</translation>
  </message>
  <message>
   <source>{name}, key {key}: {why}.</source>
   <translation>{name}, Schlüssel {key}: {why}.</translation>
  </message>
  <message>
   <source>{name}, line {line}: this is no valid TOML ({error}).</source>
   <translation>{name}, Zeile {line}: das ist kein gültiges TOML ({error}).</translation>
  </message>
  <message>
   <source>{name}, line {line}: {message}</source>
   <translation>{name}, Zeile {line}: {message}</translation>
  </message>
  <message>
   <source>{name}, line {place}: a house style has no keys of so many parts.</source>
   <translation>{name}, Zeile {place}: ein Hausstil hat keine Schlüssel aus so vielen Teilen.</translation>
  </message>
  <message>
   <source>{name}: a house style of more than {most_text:,} letters is not read.</source>
   <translation>{name}: ein Hausstil von mehr als {most_text:,} Buchstaben wird nicht gelesen.</translation>
  </message>
  <message>
   <source>{name}: first look</source>
   <translation>{name}: erster Blick</translation>
  </message>
  <message>
   <source>{name}: its brackets are nested too deep.</source>
   <translation>{name}: seine Klammern sind zu tief verschachtelt.</translation>
  </message>
  <message>
   <source>{name}: nothing in this document was put there by Istrel; export the manuscript first.</source>
   <translation>{name}: nichts in diesem Dokument stammt von Istrel; geben Sie zuerst das Manuskript aus.</translation>
  </message>
  <message>
   <source>{name}: this is no document, or it is damaged.</source>
   <translation>{name}: das ist kein Dokument, oder es ist beschädigt.</translation>
  </message>
  <message>
   <source>{name}: this is no study as text.</source>
   <translation>{name}: das ist keine Studie als Text.</translation>
  </message>
  <message>
   <source>{name}: {valid:,} valid · {missing:,} missing · {distinct:,} distinct{zeros}</source>
   <translation>{name}: {valid:,} gültig · {missing:,} fehlend · {distinct:,} verschieden{zeros}</translation>
  </message>
  <message>
   <source>{near}: edited by hand to “{old}”, left as it is</source>
   <translation>{near}: von Hand zu „{old}“ geändert, bleibt so</translation>
  </message>
  <message>
   <source>{near}: “{old}” is now “{new}”, but {why}</source>
   <translation>{near}: „{old}“ ist jetzt „{new}“, aber {why}</translation>
  </message>
  <message numerus="yes">
   <source>{number} [thing|things] to look at</source>
   <translation>
    <numerusform>{number} Sache anzusehen</numerusform>
    <numerusform>{number} Dinge anzusehen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n} [number|numbers] moved beyond the digits in print</source>
   <translation>
    <numerusform>{n} Zahl hat sich jenseits der gedruckten Stellen geändert</numerusform>
    <numerusform>{n} Zahlen haben sich jenseits der gedruckten Stellen geändert</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n} [number|numbers] of {label} moved since accepted.</source>
   <translation>
    <numerusform>{n} Zahl von {label} seit der Annahme geändert.</numerusform>
    <numerusform>{n} Zahlen von {label} seit der Annahme geändert.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n} [point|points] that a reviewer might raise.</source>
   <translation>
    <numerusform>{n} Punkt, der im Gutachten beanstandet werden könnte.</numerusform>
    <numerusform>{n} Punkte, die im Gutachten beanstandet werden könnten.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>{n} [variable has|variables have] missing values</source>
   <translation>
    <numerusform>{n} Variable hat fehlende Werte</numerusform>
    <numerusform>{n} Variablen haben fehlende Werte</numerusform>
   </translation>
  </message>
  <message>
   <source>{n} exchanged</source>
   <translation>{n} ausgetauscht</translation>
  </message>
  <message>
   <source>{n} items</source>
   <translation>{n} Items</translation>
  </message>
  <message>
   <source>{n} more</source>
   <translation>{n} weitere</translation>
  </message>
  <message>
   <source>{n} more at Intake</source>
   <translation>{n} weitere im Eingang</translation>
  </message>
  <message>
   <source>{n} more like these</source>
   <translation>{n} weitere von dieser Art</translation>
  </message>
  <message>
   <source>{n} rows are no cases:</source>
   <translation>{n} Zeilen sind keine Fälle:</translation>
  </message>
  <message>
   <source>{n} steps before these: “copy” takes all.</source>
   <translation>{n} Schritte davor: „kopieren“ nimmt alle mit.</translation>
  </message>
  <message>
   <source>{n} things to look at</source>
   <translation>{n} Dinge anzusehen</translation>
  </message>
  <message>
   <source>{n} to look at</source>
   <translation>{n} anzusehen</translation>
  </message>
  <message>
   <source>{n} whole numbers cannot have this mean</source>
   <translation>{n} ganze Zahlen können diesen Mittelwert nicht haben</translation>
  </message>
  <message>
   <source>{n} whole numbers with this mean cannot have this SD</source>
   <translation>{n} ganze Zahlen mit diesem Mittelwert können diese SD nicht haben</translation>
  </message>
  <message>
   <source>{one} and {n} more</source>
   <translation>{one} und {n} weitere</translation>
  </message>
  <message>
   <source>{others} changed since it was read. “Read changed files again” (Ctrl+K) takes the new data.</source>
   <translation>{others} hat sich geändert, seit es gelesen wurde. „Geänderte Dateien neu lesen“ (Ctrl+K) übernimmt die neuen Daten.</translation>
  </message>
  <message>
   <source>{others} stand once in each combination, and {name} says how often.</source>
   <translation>{others} stehen in jeder Kombination einmal, und {name} sagt, wie oft.</translation>
  </message>
  <message>
   <source>{parent}: cannot be made ({why}).</source>
   <translation>{parent}: lässt sich nicht anlegen ({why}).</translation>
  </message>
  <message>
   <source>{part:g} of {whole:g} are {share} %</source>
   <translation>{part:g} von {whole:g} sind {share} %</translation>
  </message>
  <message>
   <source>{part} of {variable}</source>
   <translation>{part} von {variable}</translation>
  </message>
  <message>
   <source>{path}: cannot be read ({why}).</source>
   <translation>{path}: lässt sich nicht lesen ({why}).</translation>
  </message>
  <message>
   <source>{path}: cannot be written ({why}).</source>
   <translation>{path}: lässt sich nicht schreiben ({why}).</translation>
  </message>
  <message numerus="yes">
   <source>{persons:,} by {person} in {n:,} [row|rows]</source>
   <translation>
    <numerusform>{persons:,} nach {person} in {n:,} Zeile</numerusform>
    <numerusform>{persons:,} nach {person} in {n:,} Zeilen</numerusform>
   </translation>
  </message>
  <message>
   <source>{places} or {last}</source>
   <translation>{places} oder {last}</translation>
  </message>
  <message>
   <source>{place} (“{text}”)</source>
   <translation>{place} („{text}“)</translation>
  </message>
  <message>
   <source>{place}: cannot be made ({why}).</source>
   <translation>{place}: lässt sich nicht anlegen ({why}).</translation>
  </message>
  <message>
   <source>{place}: this folder is not empty; name a new one, so that nothing in it is lost or given away.</source>
   <translation>{place}: dieser Ordner ist nicht leer; nennen Sie einen neuen, damit nichts darin verloren geht oder weitergegeben wird.</translation>
  </message>
  <message>
   <source>{place}: this is a file; name a folder, or a file that ends in .zip.</source>
   <translation>{place}: das ist eine Datei; nennen Sie einen Ordner oder eine Datei, die auf .zip endet.</translation>
  </message>
  <message>
   <source>{rows:,} rows would result; {matched:,} rows on the left find a partner.</source>
   <translation>{rows:,} Zeilen würden entstehen; {matched:,} Zeilen links finden ein Gegenstück.</translation>
  </message>
  <message>
   <source>{rows} and {variables} would result.</source>
   <translation>{rows} und {variables} würden entstehen.</translation>
  </message>
  <message>
   <source>{source} lacks {names}.</source>
   <translation>{source} fehlt: {names}.</translation>
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
   <translation>{text} ist mehr als alle.</translation>
  </message>
  <message>
   <source>{title} in bands</source>
   <translation>{title} in Klassen</translation>
  </message>
  <message>
   <source>{title} · {level}
click: describe it · “by”: make groups with it</source>
   <translation>{title} · {level}
Klick: beschreiben · „by“: Gruppen damit bilden</translation>
  </message>
  <message>
   <source>{title} · {place} of {all}</source>
   <translation>{title} · {place} von {all}</translation>
  </message>
  <message>
   <source>{unit} since 1970, read as dates ({number} is {day}).</source>
   <translation>{unit} seit 1970, als Datumsangaben gelesen ({number} ist {day}).</translation>
  </message>
  <message numerus="yes">
   <source>{used:,} of {n:,} [case|cases]</source>
   <translation>
    <numerusform>{used:,} von {n:,} Fall</numerusform>
    <numerusform>{used:,} von {n:,} Fällen</numerusform>
   </translation>
  </message>
  <message>
   <source>{value} in the file</source>
   <translation>{value} in der Datei</translation>
  </message>
  <message>
   <source>{variable} is {level}</source>
   <translation>{variable} ist {level}</translation>
  </message>
  <message>
   <source>{was} is now {now}: another sign</source>
   <translation>{was} ist jetzt {now}: anderes Vorzeichen</translation>
  </message>
  <message>
   <source>{what} ({number} for “{word}”).</source>
   <translation>{what} ({number} für „{word}“).</translation>
  </message>
  <message>
   <source>{what} above {low}</source>
   <translation>{what} über {low}</translation>
  </message>
  <message>
   <source>{what} between {low} and {high}</source>
   <translation>{what} zwischen {low} und {high}</translation>
  </message>
  <message>
   <source>{what} from {low}</source>
   <translation>{what} ab {low}</translation>
  </message>
  <message>
   <source>{what} taken from the name.</source>
   <translation>{what} aus dem Namen genommen.</translation>
  </message>
  <message>
   <source>{where} claims what the numbers no longer bear out: {said}.</source>
   <translation>{where} behauptet, was die Zahlen nicht mehr tragen: {said}.</translation>
  </message>
  <message numerus="yes">
   <source>{where} quotes {n} [number|numbers] that moved.</source>
   <translation>
    <numerusform>{where} zitiert {n} Zahl, die sich geändert hat.</numerusform>
    <numerusform>{where} zitiert {n} Zahlen, die sich geändert haben.</numerusform>
   </translation>
  </message>
  <message>
   <source>{where}: {says}; do its words still hold?</source>
   <translation>{where}: {says}; stimmen die Worte noch?</translation>
  </message>
  <message numerus="yes">
   <source>{words} [belongs|belong] to {where}.</source>
   <translation>
    <numerusform>{words} gehört zu {where}.</numerusform>
    <numerusform>{words} gehören zu {where}.</numerusform>
   </translation>
  </message>
  <message>
   <source>{words} and {n} more not read</source>
   <translation>{words} und {n} weitere nicht gelesen</translation>
  </message>
  <message>
   <source>{words} not read</source>
   <translation>{words} nicht gelesen</translation>
  </message>
  <message>
   <source>· weighted by</source>
   <translation>· gewichtet mit</translation>
  </message>
  <message>
   <source>α if left out</source>
   <translation>α ohne das Item</translation>
  </message>
  <message>
   <source>“.{plain}” is no output that can be made.{hint} Outputs are {known}.</source>
   <translation>„.{plain}“ ist keine Ausgabe, die es gibt.{hint} Ausgaben sind {known}.</translation>
  </message>
  <message>
   <source>“agreement” does not go with “{other}”; leave one of them out.</source>
   <translation>„agreement“ geht nicht mit „{other}“ zusammen; lassen Sie eines davon weg.</translation>
  </message>
  <message>
   <source>“agreement” is that of two variables, named one after the other; name two.</source>
   <translation>„agreement“ ist das von zwei Variablen, eine nach der anderen genannt; nennen Sie zwei.</translation>
  </message>
  <message>
   <source>“alpha” does not go with “{clause}”; leave one of them out.</source>
   <translation>„alpha“ geht nicht mit „{clause}“ zusammen; lassen Sie eines davon weg.</translation>
  </message>
  <message>
   <source>“alpha” is that of composites, variables made by mean(…) or sum(…) of items; there is none here.</source>
   <translation>„alpha“ ist das von zusammengesetzten Variablen, gebildet mit mean(…) oder sum(…) aus Items; hier ist keine.</translation>
  </message>
  <message>
   <source>“combinations” are those of a question with several answers; there is none in this sentence.</source>
   <translation>„combinations“ sind die einer Frage mit mehreren Antworten; in diesem Satz ist keine.</translation>
  </message>
  <message>
   <source>“difference” of coefficients is not defined under weights; leave it out, or add unweighted.</source>
   <translation>„difference“ von Koeffizienten ist mit Gewichten nicht definiert; lassen Sie es weg, oder fügen Sie unweighted hinzu.</translation>
  </message>
  <message>
   <source>“given” takes Pearson’s or Spearman’s coefficient; name one with method = pearson.</source>
   <translation>„given“ nimmt den Koeffizienten von Pearson oder Spearman; nennen Sie einen mit method = pearson.</translation>
  </message>
  <message>
   <source>“intervals” of a cumulative curve are not defined under weights; leave it out, or add unweighted.</source>
   <translation>„intervals“ einer kumulierten Kurve sind mit Gewichten nicht definiert; lassen Sie es weg, oder fügen Sie unweighted hinzu.</translation>
  </message>
  <message>
   <source>“pairs” compares more than two groups; there are no more here.</source>
   <translation>„pairs“ vergleicht mehr als zwei Gruppen; mehr sind hier nicht.</translation>
  </message>
  <message>
   <source>“pairs” compares {most_for_pairs} groups at most; here are {most}. Take fewer, or leave pairs out.</source>
   <translation>„pairs“ vergleicht höchstens {most_for_pairs} Gruppen; hier sind es {most}. Nehmen Sie weniger, oder lassen Sie pairs weg.</translation>
  </message>
  <message>
   <source>“persons” needs to know whose rows these are; say so at the head of the Codebook, or with --person.</source>
   <translation>„persons“ muss wissen, wessen Zeilen das sind; sagen Sie es am Kopf des Codebuchs, oder mit --person.</translation>
  </message>
  <message>
   <source>“recode” is written recode(x, 1 = 2, 3 = missing, else = 0).</source>
   <translation>„recode“ schreibt man recode(x, 1 = 2, 3 = missing, else = 0).</translation>
  </message>
  <message>
   <source>“{asked}” and “given” are not computed together; leave one of them out.</source>
   <translation>„{asked}“ und „given“ werden nicht zusammen berechnet; lassen Sie eines davon weg.</translation>
  </message>
  <message>
   <source>“{asked}” needs to know whose rows these are; say so at the head of the Codebook, or with --person.</source>
   <translation>„{asked}“ muss wissen, wessen Zeilen das sind; sagen Sie es am Kopf des Codebuchs, oder mit --person.</translation>
  </message>
  <message>
   <source>“{asked}” tells how many persons have several rows, which hide_below would hide; leave one of both out.</source>
   <translation>„{asked}“ sagt, wie viele Personen mehrere Zeilen haben, was hide_below verbergen würde; lassen Sie eines von beiden weg.</translation>
  </message>
  <message>
   <source>“{child}” is made from “{leaving}”; take that out first.</source>
   <translation>„{child}“ ist aus „{leaving}“ gebildet; nehmen Sie das zuerst heraus.</translation>
  </message>
  <message>
   <source>“{claim}” no longer holds</source>
   <translation>„{claim}“ stimmt nicht mehr</translation>
  </message>
  <message numerus="yes">
   <source>“{column}” does not {what}: [one row holds|{n:,} rows hold] {lack}: row {shown}. Mend or set aside these rows first.</source>
   <translation>
    <numerusform>„{column}“ kann nicht {what}: eine Zeile enthält {lack}: Zeile {shown}. Bessern Sie diese Zeilen zuerst aus, oder legen Sie sie beiseite.</numerusform>
    <numerusform>„{column}“ kann nicht {what}: {n:,} Zeilen enthalten {lack}: Zeile {shown}. Bessern Sie diese Zeilen zuerst aus, oder legen Sie sie beiseite.</numerusform>
   </translation>
  </message>
  <message>
   <source>“{column}” holds dates, written as 2025-03-31; “{plain}” is none.</source>
   <translation>„{column}“ enthält Daten, geschrieben wie 2025-03-31; „{plain}“ ist keines.</translation>
  </message>
  <message>
   <source>“{column}” holds no numbers, so it cannot say how many cases a row stands for.</source>
   <translation>„{column}“ enthält keine Zahlen und kann darum nicht sagen, für wie viele Fälle eine Zeile steht.</translation>
  </message>
  <message>
   <source>“{column}” holds no numbers, so it cannot weigh the rows.</source>
   <translation>„{column}“ enthält keine Zahlen und kann darum die Zeilen nicht gewichten.</translation>
  </message>
  <message>
   <source>“{column}” holds numbers; “{plain}” is none.</source>
   <translation>„{column}“ enthält Zahlen; „{plain}“ ist keine.</translation>
  </message>
  <message>
   <source>“{counted}” counts no cases; there is nothing to work on.</source>
   <translation>„{counted}“ zählt keine Fälle; es gibt nichts zu rechnen.</translation>
  </message>
  <message>
   <source>“{counted}” counts {total:,} cases; of {count:,} variables {most:,} cases are the most that are worked on.</source>
   <translation>„{counted}“ zählt {total:,} Fälle; bei {count:,} Variablen wird mit höchstens {most:,} Fällen gerechnet.</translation>
  </message>
  <message>
   <source>“{dates_wanted}” is no order of dates; say {names}.</source>
   <translation>„{dates_wanted}“ ist keine Reihenfolge von Daten; sagen Sie {names}.</translation>
  </message>
  <message>
   <source>“{delimiter}” separates no fields: the delimiter is one ASCII character, such as ; or \t.</source>
   <translation>„{delimiter}“ trennt keine Felder: Das Trennzeichen ist ein ASCII-Zeichen, etwa ; oder \t.</translation>
  </message>
  <message>
   <source>“{first}” and “{other}” have other occasions ({occasions}; {others}); put them in sentences of their own.</source>
   <translation>„{first}“ und „{other}“ haben andere Zeitpunkte ({occasions}; {others}); setzen Sie sie in eigene Sätze.</translation>
  </message>
  <message>
   <source>“{form}” shows every case or accounts for it, so small counts cannot be hidden in it; set it as table.</source>
   <translation>„{form}“ zeigt jeden Fall oder legt Rechenschaft über ihn ab, also können kleine Anzahlen darin nicht verborgen werden; setzen Sie es als table.</translation>
  </message>
  <message>
   <source>“{found}” stands here twice; name it once.</source>
   <translation>„{found}“ steht hier zweimal; nennen Sie es einmal.</translation>
  </message>
  <message>
   <source>“{function}” is written {form}.</source>
   <translation>„{function}“ schreibt man {form}.</translation>
  </message>
  <message>
   <source>“{function}” is written {form}: only the first part is a variable.</source>
   <translation>„{function}“ schreibt man {form}: Nur der erste Teil ist eine Variable.</translation>
  </message>
  <message>
   <source>“{function}” knows no “{name}”; it is written {form}.</source>
   <translation>„{function}“ kennt kein „{name}“; man schreibt es {form}.</translation>
  </message>
  <message>
   <source>“{key}” takes a value: write {key} = … ({words}).</source>
   <translation>„{key}“ nimmt einen Wert: schreiben Sie {key} = … ({words}).</translation>
  </message>
  <message>
   <source>“{kind}” is no change of a study.</source>
   <translation>„{kind}“ ist keine Änderung einer Studie.</translation>
  </message>
  <message>
   <source>“{label}” has no expected share; name one for every value, 0 where none is expected.</source>
   <translation>„{label}“ hat keinen erwarteten Anteil; nennen Sie einen für jeden Wert, 0, wo keiner erwartet wird.</translation>
  </message>
  <message>
   <source>“{label}” is typed by hand and does not follow its number; put it in by “Refer to”.</source>
   <translation>„{label}“ ist von Hand geschrieben und folgt seiner Nummer nicht; setzen Sie es mit „Verweisen auf“ ein.</translation>
  </message>
  <message>
   <source>“{leaving}” is needed by a kept exhibit.</source>
   <translation>„{leaving}“ wird von etwas Behaltenem gebraucht.</translation>
  </message>
  <message>
   <source>“{measure}” is no way to gather; there are {names}.</source>
   <translation>Mit „{measure}“ lässt sich nicht zusammenfassen; es gibt {names}.</translation>
  </message>
  <message>
   <source>“{name} = {value}” belongs to {where}.</source>
   <translation>„{name} = {value}“ gehört zu {where}.</translation>
  </message>
  <message>
   <source>“{name}” and “{other}” decide the same thing in two ways; leave one of them out.</source>
   <translation>„{name}“ und „{other}“ entscheiden dasselbe auf zwei Arten; lassen Sie eines davon weg.</translation>
  </message>
  <message>
   <source>“{name}” can mean {said}; write more of it.</source>
   <translation>„{name}“ kann {said} heißen; schreiben Sie mehr davon.</translation>
  </message>
  <message>
   <source>“{name}” cannot be made: {message}</source>
   <translation>„{name}“ lässt sich nicht bilden: {message}</translation>
  </message>
  <message>
   <source>“{name}” compares groups, and “against” each with a norm; leave one of them out.</source>
   <translation>„{name}“ vergleicht Gruppen, und „against“ jede mit einer Norm; lassen Sie eines davon weg.</translation>
  </message>
  <message>
   <source>“{name}” differs between the rows of one {who}, so persons cannot be counted by it; leave persons out.</source>
   <translation>„{name}“ unterscheidet sich zwischen den Zeilen von {who}, also können Personen nicht danach gezählt werden; lassen Sie persons weg.</translation>
  </message>
  <message>
   <source>“{name}” has no number in any case in use, so there are no classes to count.</source>
   <translation>„{name}“ hat in keinem verwendeten Fall eine Zahl, also gibt es keine Klassen zu zählen.</translation>
  </message>
  <message>
   <source>“{name}” has no number in any case in use, so there is nothing to draw.</source>
   <translation>„{name}“ hat in keinem verwendeten Fall eine Zahl, also gibt es nichts zu zeichnen.</translation>
  </message>
  <message>
   <source>“{name}” has occasions, which others have not; name it alone, without all or a stretch of others.</source>
   <translation>„{name}“ hat Zeitpunkte, andere haben keine; nennen Sie es allein, ohne all oder eine Reihe anderer.</translation>
  </message>
  <message>
   <source>“{name}” has values that are not above 0, which a logarithmic axis cannot show; </source>
   <translation>„{name}“ hat Werte, die nicht über 0 liegen, was eine logarithmische Achse nicht zeigen kann; </translation>
  </message>
  <message>
   <source>“{name}” holds no numbers, so it cannot be drawn as {form}; set it as table.</source>
   <translation>„{name}“ enthält keine Zahlen und kann darum nicht als {form} gezeichnet werden; setzen Sie table.</translation>
  </message>
  <message>
   <source>“{name}” holds no numbers, so it has no {measure}; take its first, last or count.</source>
   <translation>„{name}“ enthält keine Zahlen und hat darum kein {measure}; nehmen Sie first, last oder count.</translation>
  </message>
  <message>
   <source>“{name}” holds no numbers, so its shape cannot be checked; count it.</source>
   <translation>„{name}“ enthält keine Zahlen, also kann seine Gestalt nicht geprüft werden; zählen Sie es.</translation>
  </message>
  <message>
   <source>“{name}” holds words, which {coefficient} cannot take; use method = fitting.</source>
   <translation>„{name}“ enthält Worte, die {coefficient} nicht nehmen kann; verwenden Sie method = fitting.</translation>
  </message>
  <message>
   <source>“{name}” is a question with several answers, for which “{unfit}” is not defined; leave it out.</source>
   <translation>„{name}“ ist eine Frage mit mehreren Antworten, für die „{unfit}“ nicht definiert ist; lassen Sie es weg.</translation>
  </message>
  <message>
   <source>“{name}” is a variable of the source; it can be left out, not removed.</source>
   <translation>„{name}“ ist eine Variable der Quelle; sie kann ausgelassen, nicht entfernt werden.</translation>
  </message>
  <message>
   <source>“{name}” is a variable of the source; it is not made by a formula.</source>
   <translation>„{name}“ ist eine Variable der Quelle; sie wird nicht durch eine Formel gebildet.</translation>
  </message>
  <message>
   <source>“{name}” is about classes of measured values; here values are counted one by one ({names}).</source>
   <translation>„{name}“ betrifft Klassen gemessener Werte; hier werden Werte einzeln gezählt ({names}).</translation>
  </message>
  <message>
   <source>“{name}” is for {what}, which this table does not show; ask for it, or leave {name} out.</source>
   <translation>„{name}“ ist für {what}, was diese Tabelle nicht zeigt; verlangen Sie es, oder lassen Sie {name} weg.</translation>
  </message>
  <message>
   <source>“{name}” is measured and has many values; draw it as histogram, or count it as {form}.</source>
   <translation>„{name}“ ist gemessen und hat viele Werte; zeichnen Sie es als histogram, oder zählen Sie es als {form}.</translation>
  </message>
  <message>
   <source>“{name}” is needed by {names}; remove that first.</source>
   <translation>„{name}“ wird von {names} gebraucht; entfernen Sie das zuerst.</translation>
  </message>
  <message>
   <source>“{name}” is no composite of items; name the items, or a variable made by mean(…) or sum(…).</source>
   <translation>„{name}“ ist nicht aus Items zusammengesetzt; nennen Sie die Items, oder eine mit mean(…) oder sum(…) gebildete Variable.</translation>
  </message>
  <message>
   <source>“{name}” is one of {names}; “{word}” is not.{hint}</source>
   <translation>„{name}“ ist eines von {names}; „{word}“ nicht.{hint}</translation>
  </message>
  <message>
   <source>“{name}” is part of how the rows are weighted, but row {row:,}{more} holds {lack}; mend or set aside what is wrong, or add “with unweighted”.</source>
   <translation>„{name}“ gehört dazu, wie die Zeilen gewichtet sind, aber Zeile {row:,}{more} enthält {lack}; bringen Sie in Ordnung oder legen Sie beiseite, was falsch ist, oder fügen Sie „with unweighted“ hinzu.</translation>
  </message>
  <message>
   <source>“{name}” is set twice.</source>
   <translation>„{name}“ ist zweimal gesetzt.</translation>
  </message>
  <message>
   <source>“{name}” is yes or no; “{word}” is not.</source>
   <translation>„{name}“ ist yes oder no; „{word}“ ist keines.</translation>
  </message>
  <message>
   <source>“{name}” is {level}, so it cannot be drawn as {form}; set it as table.</source>
   <translation>„{name}“ ist {level} und kann darum nicht als {form} gezeichnet werden; setzen Sie table.</translation>
  </message>
  <message>
   <source>“{name}” is {value}; it cannot be related to others.</source>
   <translation>„{name}“ ist {value}; es kann nicht mit anderen in Beziehung gesetzt werden.</translation>
  </message>
  <message>
   <source>“{name}” is {words}; {word} is not.</source>
   <translation>„{name}“ ist {words}; {word} nicht.</translation>
  </message>
  <message>
   <source>“{name}” leaves out what is compared with expected shares; leave it out.</source>
   <translation>„{name}“ lässt weg, was mit erwarteten Anteilen verglichen wird; lassen Sie es weg.</translation>
  </message>
  <message>
   <source>“{name}” means nothing here without “{wanted}”; add that, or leave {name} out.</source>
   <translation>„{name}“ bedeutet hier nichts ohne „{wanted}“; fügen Sie das hinzu oder lassen Sie {name} weg.</translation>
  </message>
  <message>
   <source>“{name}” need not be asked for here: {why}. Leave {name} out.</source>
   <translation>„{name}“ braucht hier nicht verlangt zu werden: {why}. Lassen Sie {name} weg.</translation>
  </message>
  <message>
   <source>“{name}” needs a list</source>
   <translation>„{name}“ braucht eine Liste</translation>
  </message>
  <message>
   <source>“{name}” never has the value “{unknown}”.{hint}</source>
   <translation>„{name}“ hat nie den Wert „{unknown}“.{hint}</translation>
  </message>
  <message>
   <source>“{name}” parts the cases at the limits; it stands in the codebook.</source>
   <translation>„{name}“ teilt die Fälle an den Grenzen; es steht im Codebuch.</translation>
  </message>
  <message numerus="yes">
   <source>“{name}” says how many cases a row stands for, but [row {row:,} holds|row {row:,} and others, {n:,} in all, hold] no whole number from 0; mend or set aside what is wrong, or say that each row is a case of its own.</source>
   <translation>
    <numerusform>„{name}“ sagt, für wie viele Fälle eine Zeile steht, aber Zeile {row:,} enthält keine ganze Zahl ab 0; bessern Sie das aus, legen Sie es beiseite, oder sagen Sie, dass jede Zeile ein eigener Fall ist.</numerusform>
    <numerusform>„{name}“ sagt, für wie viele Fälle eine Zeile steht, aber Zeile {row:,} und weitere, insgesamt {n:,}, enthalten keine ganze Zahl ab 0; bessern Sie das aus, legen Sie es beiseite, oder sagen Sie, dass jede Zeile ein eigener Fall ist.</numerusform>
   </translation>
  </message>
  <message>
   <source>“{name}” stands beside groups; choose layout = columns or rows.</source>
   <translation>„{name}“ steht neben Gruppen; wählen Sie layout = columns oder rows.</translation>
  </message>
  <message>
   <source>“{name}” takes one value.</source>
   <translation>„{name}“ nimmt einen Wert.</translation>
  </message>
  <message>
   <source>“{name}” takes two values, the lower one first: {example}.</source>
   <translation>„{name}“ nimmt zwei Werte, den kleineren zuerst: {example}.</translation>
  </message>
  <message>
   <source>“{name}” takes {kind}; “{word}” is none.</source>
   <translation>„{name}“ nimmt {kind}; „{word}“ ist keine.</translation>
  </message>
  <message>
   <source>“{one}” was read as {letters}; as {others} it would be “{other}”.</source>
   <translation>„{one}“ wurde als {letters} gelesen; als {others} hieße es „{other}“.</translation>
  </message>
  <message>
   <source>“{role}” is no role of a row; the roles are {names}.</source>
   <translation>„{role}“ ist keine Rolle einer Zeile; die Rollen sind {names}.</translation>
  </message>
  <message>
   <source>“{shape}” is not drawn under weights; set it as table, or add “with unweighted”.</source>
   <translation>„{shape}“ wird mit Gewichten nicht gezeichnet; setzen Sie es als table, oder fügen Sie „with unweighted“ hinzu.</translation>
  </message>
  <message>
   <source>“{shown}” is not defined under weights; leave it out, or add unweighted.</source>
   <translation>„{shown}“ ist mit Gewichten nicht definiert; lassen Sie es weg, oder fügen Sie unweighted hinzu.</translation>
  </message>
  <message>
   <source>“{strange}” is no value of “{value}”; its values are {values}.</source>
   <translation>„{strange}“ ist kein Wert von „{value}“; die Werte sind {values}.</translation>
  </message>
  <message>
   <source>“{text} … {group}” does not hold: in {label} the {word} mean is of {group_2}.</source>
   <translation>„{text} … {group}“ stimmt nicht: In {label} ist der Mittelwert ({word}) von {group_2}.</translation>
  </message>
  <message>
   <source>“{text}” and “{text_2}” are of different kinds.</source>
   <translation>„{text}“ und „{text_2}“ sind von verschiedener Art.</translation>
  </message>
  <message>
   <source>“{text}” cannot be taken out of itself; name it among the variables or after “given”.</source>
   <translation>„{text}“ kann nicht aus sich selbst herausgenommen werden; nennen Sie es unter den Variablen oder nach „given“.</translation>
  </message>
  <message>
   <source>“{text}” cannot make groups of itself; take it out of one of the two places.</source>
   <translation>„{text}“ kann keine Gruppen von sich selbst bilden; nehmen Sie es aus einer der beiden Stellen.</translation>
  </message>
  <message>
   <source>“{text}” claims a cause; descriptive results do not bear that.</source>
   <translation>„{text}“ behauptet eine Ursache; beschreibende Ergebnisse tragen das nicht.</translation>
  </message>
  <message>
   <source>“{text}” has another decimal mark than the exhibits.</source>
   <translation>„{text}“ hat ein anderes Dezimalzeichen als die Darstellungen.</translation>
  </message>
  <message>
   <source>“{text}” has no occasions as “{name}” has; put it in a sentence of its own.</source>
   <translation>„{text}“ hat keine Zeitpunkte wie „{name}“; setzen Sie es in einen eigenen Satz.</translation>
  </message>
  <message>
   <source>“{text}” has no value in any case in use, so it makes no groups.</source>
   <translation>„{text}“ hat in keinem verwendeten Fall einen Wert, also bildet es keine Gruppen.</translation>
  </message>
  <message>
   <source>“{text}” holds words, which have no size: use = or in {{…}} instead of {operator}.</source>
   <translation>„{text}“ enthält Worte, die keine Größe haben: verwenden Sie = oder in {{…}} statt {operator}.</translation>
  </message>
  <message>
   <source>“{text}” is a percentage of {base} cases; the count says it all.</source>
   <translation>„{text}“ ist ein Prozentsatz von {base} Fällen; die Anzahl sagt alles.</translation>
  </message>
  <message>
   <source>“{text}” is a question with several answers; count it in a sentence of its own.</source>
   <translation>„{text}“ ist eine Frage mit mehreren Antworten; zählen Sie sie in einem eigenen Satz.</translation>
  </message>
  <message>
   <source>“{text}” is compared with {what}; “{text_2}” is none.</source>
   <translation>„{text}“ wird mit {what} verglichen; „{text_2}“ ist das nicht.</translation>
  </message>
  <message>
   <source>“{text}” is in no exhibit; {has}.</source>
   <translation>„{text}“ steht in keiner Darstellung; {has}.</translation>
  </message>
  <message>
   <source>“{text}” is no number.</source>
   <translation>„{text}“ ist keine Zahl.</translation>
  </message>
  <message>
   <source>“{text}” is no whole number.</source>
   <translation>„{text}“ ist keine ganze Zahl.</translation>
  </message>
  <message>
   <source>“{text}” is of {groups}, but stands beside {beside}.</source>
   <translation>„{text}“ ist von {groups}, steht aber neben {beside}.</translation>
  </message>
  <message>
   <source>“{text}” is typed among live numbers; it will not follow the data.</source>
   <translation>„{text}“ ist unter lebenden Zahlen von Hand geschrieben; es folgt den Daten nicht.</translation>
  </message>
  <message>
   <source>“{text}” never has the value “{wanted}”.{hint}</source>
   <translation>„{text}“ hat nie den Wert „{wanted}“.{hint}</translation>
  </message>
  <message>
   <source>“{text}” stands before “{text_2}” in the file; turn the range round.</source>
   <translation>„{text}“ steht in der Datei vor „{text_2}“; drehen Sie die Reihe um.</translation>
  </message>
  <message>
   <source>“{text}” stands in several columns; the flow of cases takes one of them, or all of them by name.</source>
   <translation>„{text}“ steht in mehreren Spalten; der Fluss der Fälle nimmt eine davon, oder alle beim Namen.</translation>
  </message>
  <message>
   <source>“{text}” stands nowhere</source>
   <translation>„{text}“ steht nirgends</translation>
  </message>
  <message>
   <source>“{text}” stands on both sides; leave it out of one.</source>
   <translation>„{text}“ steht auf beiden Seiten; lassen Sie es auf einer weg.</translation>
  </message>
  <message>
   <source>“{time}” holds no dates or numbers, so no line runs over it; name a date first.</source>
   <translation>„{time}“ enthält keine Datumsangaben oder Zahlen, also läuft keine Linie darüber; nennen Sie zuerst ein Datum.</translation>
  </message>
  <message>
   <source>“{time}” holds no dates, so there is no {said} in it; per = year takes years.</source>
   <translation>„{time}“ enthält keine Datumsangaben, also gibt es darin kein {said}; per = year nimmt Jahre.</translation>
  </message>
  <message>
   <source>“{value}” holds words; {function}( ) needs numbers.</source>
   <translation>„{value}“ enthält Worte; {function}( ) braucht Zahlen.</translation>
  </message>
  <message>
   <source>“{value}” is a value; a variable or a formula stands here.</source>
   <translation>„{value}“ ist ein Wert; hier steht eine Variable oder eine Formel.</translation>
  </message>
  <message>
   <source>“{value}” is a {what}; “{verb}” takes variables after “against”.</source>
   <translation>„{value}“ ist {what}; „{verb}“ nimmt nach „against“ Variablen.</translation>
  </message>
  <message>
   <source>“{value}” is no date.</source>
   <translation>„{value}“ ist kein Datum.</translation>
  </message>
  <message>
   <source>“{value}” means no answer in “{other}” and is an answer in “{name}”; say the same of both in the Codebook.</source>
   <translation>„{value}“ bedeutet in „{other}“ keine Antwort und ist in „{name}“ eine; sagen Sie im Codebuch von beiden dasselbe.</translation>
  </message>
  <message>
   <source>“{verb}” cannot be set as “{form}”; it can as {known}.</source>
   <translation>„{verb}“ kann nicht als „{form}“ gesetzt werden, aber als {known}.</translation>
  </message>
  <message>
   <source>“{wanted}” is a variable of the data; a formula makes a new one and needs a name of its own.</source>
   <translation>„{wanted}“ ist eine Variable der Daten; eine Formel bildet eine neue und braucht einen eigenen Namen.</translation>
  </message>
  <message>
   <source>“{what}” holds words, which are neither true nor false: compare it, as in if(x = "a", 1, 0).</source>
   <translation>„{what}“ enthält Worte, die weder wahr noch falsch sind: vergleichen Sie sie, wie in if(x = "a", 1, 0).</translation>
  </message>
  <message>
   <source>“{what}” holds words; arithmetic needs numbers.</source>
   <translation>„{what}“ enthält Worte; Rechnen braucht Zahlen.</translation>
  </message>
  <message>
   <source>“{words}” holds no numbers, so it has no line; name a date first, then what is measured.</source>
   <translation>„{words}“ enthält keine Zahlen, also hat es keine Linie; nennen Sie zuerst ein Datum, dann, was gemessen ist.</translation>
  </message>
  <message>
   <source>“{words}” holds no numbers, so it has no place in a {form}; name numeric variables.</source>
   <translation>„{words}“ enthält keine Zahlen, also hat es keinen Platz in {form}; nennen Sie numerische Variablen.</translation>
  </message>
  <message>
   <source>“{words}” holds words in no order that is known, so it is no item of a scale; put its answers in order in the Codebook, or leave it out.</source>
   <translation>„{words}“ enthält Worte ohne bekannte Reihenfolge, also ist es kein Item einer Skala; ordnen Sie seine Antworten im Codebuch, oder lassen Sie es weg.</translation>
  </message>
  <message>
   <source>“{words}” holds words, so it has no mean of a person; leave it out or leave out “{asked}”.</source>
   <translation>„{words}“ enthält Worte, also hat es keinen Mittelwert einer Person; lassen Sie es weg, oder lassen Sie „{asked}“ weg.</translation>
  </message>
  <message>
   <source>“{words}” is not measured in numbers, so it is not compared with {value}.</source>
   <translation>„{words}“ ist nicht in Zahlen gemessen, also wird es nicht mit {value} verglichen.</translation>
  </message>
  <message>
   <source>“{words}” is not measured in numbers.</source>
   <translation>„{words}“ ist nicht in Zahlen gemessen.</translation>
  </message>
  <message>
   <source>“{words}”: {why}.</source>
   <translation>„{words}“: {why}.</translation>
  </message>
  <message>
   <source>“{word}”</source>
   <translation>„{word}“</translation>
  </message>
  <message>
   <source>“{word}” ({count:,})</source>
   <translation>„{word}“ ({count:,})</translation>
  </message>
  <message>
   <source>“{word}” and its like are days without a year; it was left as text.</source>
   <translation>„{word}“ und Ähnliches sind Tage ohne Jahr; die Spalte blieb Text.</translation>
  </message>
  <message>
   <source>“{word}” and its like were left as text; they may be powers of ten.</source>
   <translation>„{word}“ und Ähnliches blieb Text; es können Zehnerpotenzen sein.</translation>
  </message>
  <message>
   <source>“{word}” belongs to {owners}.</source>
   <translation>„{word}“ gehört zu {owners}.</translation>
  </message>
  <message>
   <source>“{word}” cannot stand here.</source>
   <translation>„{word}“ kann hier nicht stehen.</translation>
  </message>
  <message>
   <source>“{word}” cannot stand here.{hint}</source>
   <translation>„{word}“ kann hier nicht stehen.{hint}</translation>
  </message>
  <message>
   <source>“{word}” is a latitude and a longitude in one cell; it was left as text.</source>
   <translation>„{word}“ ist eine Breite und eine Länge in einer Zelle; die Spalte blieb Text.</translation>
  </message>
  <message>
   <source>“{word}” is no form.{hint}</source>
   <translation>„{word}“ ist keine Form.{hint}</translation>
  </message>
  <message>
   <source>“{word}” is no level of measurement.{hint}</source>
   <translation>„{word}“ ist kein Messniveau.{hint}</translation>
  </message>
  <message>
   <source>“{word}” is no statistic and no setting.{hint}</source>
   <translation>„{word}“ ist keine Statistik und keine Einstellung.{hint}</translation>
  </message>
  <message>
   <source>“{word}” is no statistic; a p comes with “test”.</source>
   <translation>„{word}“ ist keine Statistik; ein p kommt mit „test“.</translation>
  </message>
  <message>
   <source>“{word}” is no verb.{hint} {begins}</source>
   <translation>„{word}“ ist kein Verb.{hint} {begins}</translation>
  </message>
  <message>
   <source>“{word}” is no verb; write “{meant}”.</source>
   <translation>„{word}“ ist kein Verb; schreiben Sie „{meant}“.</translation>
  </message>
  <message>
   <source>“{word}” is no {what}.{hint}</source>
   <translation>„{word}“ ist nichts davon ({what}).{hint}</translation>
  </message>
  <message>
   <source>“{word}” may be hours and minutes, or minutes and seconds; it was left as text.</source>
   <translation>„{word}“ kann Stunden und Minuten oder Minuten und Sekunden sein; die Spalte blieb Text.</translation>
  </message>
  <message>
   <source>“{word}” may be {one} or {other}; it was left as text.</source>
   <translation>„{word}“ kann {one} oder {other} sein; die Spalte blieb Text.</translation>
  </message>
  <message>
   <source>“{word}” may be {one} or {other}; the day was taken for the first.</source>
   <translation>„{word}“ kann {one} oder {other} sein; der Tag gilt als das Erste.</translation>
  </message>
  <message>
   <source>“{word}” stands among words like names: a program may have made a date of one (as of SEPT2 or MARCH1). Mend it in the file or in its cell.</source>
   <translation>„{word}“ steht unter Wörtern, die Namen gleichen: Ein Programm kann aus einem Namen ein Datum gemacht haben (etwa aus SEPT2 oder MARCH1). Bessern Sie es in der Datei oder in der Zelle aus.</translation>
  </message>
  <message>
   <source>“{word}” stands twice; say each part once.</source>
   <translation>„{word}“ steht zweimal; sagen Sie jeden Teil einmal.</translation>
  </message>
  <message>
   <source>“{word}” was read as {day}, the year first.</source>
   <translation>„{word}“ wurde als {day} gelesen, das Jahr zuerst.</translation>
  </message>
  <message>
   <source>“{word}” was read as {number}, unlike the rest of the file.</source>
   <translation>„{word}“ wurde als {number} gelesen, anders als der Rest der Datei.</translation>
  </message>
  <message>
   <source>“{word}” was read as {number}.</source>
   <translation>„{word}“ wurde als {number} gelesen.</translation>
  </message>
  <message>
   <source>“{word}” was read as {number}; it may be {other}.</source>
   <translation>„{word}“ wurde als {number} gelesen; es kann {other} sein.</translation>
  </message>
  <message>
   <source>“{word}” was read as {number}; the words beside numbers became their labels.</source>
   <translation>„{word}“ wurde als {number} gelesen; die Wörter neben Zahlen wurden ihre Beschriftungen.</translation>
  </message>
  <message>
   <source>… and {n} more of this kind.</source>
   <translation>… und {n} weitere dieser Art.</translation>
  </message>
  <message>
   <source>↶ undo: {words}</source>
   <translation>↶ zurück: {words}</translation>
  </message>
 </context>
</TS>
