/**
 * What stands in a written recipe, number by number: amounts, degrees, times, shares; the rest is
 * words. What the words mean is not said here.
 */
grammar Kitchen;

options {
    caseInsensitive = true;
}

text
    : piece* EOF
    ;

piece
    : temperature
    | duration
    | length
    | percentage
    | amount
    | share
    | count
    | word
    | mark
    ;

temperature
    : DASH? quantity DASH? DEGREE (CELSIUS | FAHRENHEIT)?
    | DASH? quantity (CELSIUS | FAHRENHEIT)
    ;

duration
    : (quantity | fraction ARTICLE? | ARTICLE COUPLE? OF?) DASH? (SECONDS | MINUTES | HOURS | DAYS)
    | OVERNIGHT
    ;

length
    : quantity (TIMES quantity)? DASH? (MILLIMETRES | CENTIMETRES)
    ;

percentage
    : quantity PERCENT
    ;

amount
    : value TIMES quantity DASH? unit
    | quantity DASH? unit
    | (fraction ARTICLE? | ARTICLE fraction | ARTICLE) unit
    ;

share
    : (ARTICLE | value)? fraction
    ;

count
    : quantity
    ;

quantity
    : value ((DASH | TO | OR) value)?
    ;

value
    : NUMBER NUMBER SLASH NUMBER
    | NUMBER SLASH NUMBER
    | NUMBER VULGAR
    | VULGAR
    | NUMBER
    | NUMERAL
    ;

fraction
    : HALF
    | THIRD
    | QUARTER
    ;

unit
    : FLUID DOT? UNIT
    | UNIT
    ;

word
    : WORD
    | UNIT
    | CELSIUS
    | FAHRENHEIT
    | SECONDS
    | MINUTES
    | HOURS
    | DAYS
    | OVERNIGHT
    | MILLIMETRES
    | CENTIMETRES
    | DEGREE
    | PERCENT
    | ARTICLE
    | COUPLE
    | OF
    | OR
    | TO
    | TIMES
    | NUMERAL
    | FLUID
    | HALF
    | THIRD
    | QUARTER
    ;

mark
    : NEWLINE
    | TAB
    | CLOCK
    | DASH
    | SLASH
    | DOT
    | OTHER
    | VULGAR
    ;

CLOCK: [0-9] [0-9]? ':' [0-9] [0-9];
NUMBER: [0-9]+ ([.,] [0-9]+)?;
VULGAR: [½¼¾⅓⅔⅛⅜⅝⅞⅕];
SLASH: '/' | '⁄';
DASH: '-' | '–' | '—' | '−';
DOT: '.';
DEGREE: '°' | 'º' | 'deg' | 'degree' | 'degrees';
CELSIUS: 'c' | 'celsius' | 'centigrade';
FAHRENHEIT: 'f' | 'fahrenheit';
PERCENT: '%' | 'percent' | 'per cent';
SECONDS: 's' | 'sec' | 'secs' | 'second' | 'seconds';
MINUTES: 'min' | 'mins' | 'minute' | 'minutes';
HOURS: 'h' | 'hr' | 'hrs' | 'hour' | 'hours';
DAYS: 'day' | 'days';
OVERNIGHT: 'overnight';
MILLIMETRES: 'mm' | 'millimetre' | 'millimetres' | 'millimeter' | 'millimeters';
CENTIMETRES: 'cm' | 'centimetre' | 'centimetres' | 'centimeter' | 'centimeters';
UNIT
    : 'g' | 'gr' | 'gram' | 'grams' | 'gramme' | 'grammes' | 'kg' | 'kilo' | 'kilos' | 'kilogram' | 'kilograms'
    | 'oz' | 'ounce' | 'ounces' | 'lb' | 'lbs' | 'pound' | 'pounds'
    | 'ml' | 'millilitre' | 'millilitres' | 'milliliter' | 'milliliters'
    | 'cl' | 'centilitre' | 'centilitres' | 'dl' | 'decilitre' | 'decilitres'
    | 'l' | 'litre' | 'litres' | 'liter' | 'liters' | 'floz'
    | 'tsp' | 'tsps' | 'teaspoon' | 'teaspoons' | 'tbsp' | 'tbsps' | 'tbs' | 'tablespoon' | 'tablespoons'
    | 'cup' | 'cups' | 'pinch' | 'pinches' | 'stick' | 'sticks'
    | 'piece' | 'pieces' | 'pc' | 'pcs'
    ;
FLUID: 'fl' | 'fluid';
ARTICLE: 'a' | 'an';
COUPLE: 'couple' | 'few';
OF: 'of';
OR: 'or';
TO: 'to';
TIMES: 'x' | '×';
NUMERAL
    : 'one' | 'two' | 'three' | 'four' | 'five' | 'six' | 'seven' | 'eight' | 'nine' | 'ten' | 'eleven' | 'twelve'
    ;
HALF: 'half' | 'halves';
THIRD: 'third' | 'thirds';
QUARTER: 'quarter' | 'quarters';
WORD: [\p{L}] [\p{L}\p{M}'’]* ('-' [\p{L}] [\p{L}\p{M}'’]*)*;
NEWLINE: '\r'? '\n' | '\r';
TAB: '\t';
SPACE: [ \u00a0\u202f\u2009]+ -> skip;
OTHER: .;
