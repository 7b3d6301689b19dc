/** What is bought ready: breads, jars, tins, pastes, mixtures. Their figures are what labels usually say. Columns as in readFoodTable.ts. */
export const BOUGHT_READY = `
white bread;grain;;28;;;;c3 z60;gluten ~eggs ~milk ~soybeans ~sesame;bulk;1109;9;3.2;46.8;2.7;3.6;0;490;;breadcrumbs
sourdough bread;grain;;45;;;;c5 z60;gluten ~sesame;bulk;1046;8.5;1.5;48;4;2;0;480;sourdough;
bread rolls;grain;;50;;;;c2 z60;gluten ~eggs ~milk ~soybeans ~sesame;bulk;1151;9;4;49;3;2.5;0;480;rolls,buns,burger buns;
corn tortillas;grain;;26;;;;c7 f14 z60;~gluten;bulk;912;5.7;2.9;38.3;6.3;1.2;0;45;corn tortilla;flatbread
wheat tortillas;grain;;60;;;;c14 z60;gluten;bulk;1255;8;7.5;48;3.5;2;0;550;tortillas,wraps,flour tortillas;flatbread
crispbread;grain;;10;;;;c270 z365;gluten ~milk ~sesame;crisp;1464;9;1.5;66;15;3;0;450;rye crispbread;wholemeal bread
oatcakes;grain;;10;;;;c180 z365;gluten ~milk ~sesame;crisp;1841;10;18;56;9;3.5;0;600;;rolled oats
filo pastry;grain;;20;;;;f7 of3 z120;gluten;crisp;1213;8;3;56;2;2;0;480;phyllo;puff pastry
puff pastry;grain;;;;;;f7 of3 z120;gluten ~milk;crisp fat;1632;5.5;25;35;2;1.5;0;400;;filo pastry
potato gnocchi;grain;;;;;;f30 of3 z90;gluten ~eggs ~milk;bulk;690;4;0.5;34;2.5;0.8;0;400;gnocchi;
rice paper;grain;;10;;;;c730 z365;-;crisp;1423;1;0.5;82;1;0.3;0;700;rice paper wrappers,spring roll wrappers;rice noodles
muesli;grain;85;;;;;c180 z365;gluten ~nuts ~milk ~sulphites;bulk;1527;10;6;62;8;3.5;0;20;granola;rolled oats
cornflakes;grain;28;;;;;c180 z365;~gluten;crisp;1582;7.5;0.9;84;3;8;0;500;corn flakes;
seitan;legume;;;;;;f14 of4 z90;gluten ~soybeans;protein;586;25;2;5;1;2;0;400;wheat protein;tofu
soya chunks;legume;60;;;2;;c365 z730;soybeans ~gluten;protein;1381;51.5;1.2;15;17.5;9.2;0;20;soy chunks,soy curls,textured soya chunks;soya mince
soya yoghurt;legume;245;;;;;f21 of4 z120;soybeans ~nuts;protein acid;230;4;2.5;2.5;1;0.5;0;40;soy yogurt,soy yoghurt,soy yog,soya yog,plant yoghurt,plant yogurt,vegan yoghurt,soya yogurt,plain soy yogurt;soya milk,yogurt,yoghurt
coconut yoghurt;fat;245;;;;;f21 of4;~soybeans ~nuts;fat acid;711;1.5;15;7;0.5;0.5;0;30;coconut yogurt;coconut milk,yogurt,yoghurt
oat cream;fat;245;;;;;c180 of5;gluten;fat;628;1;13;6;1;0.2;0;50;oat cooking cream;oat milk,cream
soya cream;fat;245;;;;;c180 of5;soybeans;fat;690;3;15.5;3;1;0.7;0;40;soy cream,plant cream,vegan cream;soya milk,cream
plant mayonnaise;fat;220;;;;;c180 of60;~mustard ~soybeans ~eggs;fat;2594;0.5;68;2;0.5;0.2;0;600;vegan mayonnaise,vegan mayo,mayonnaise;
hummus;legume;246;;;;;f14 of3 z60;sesame;protein fat;992;7.4;17;10;5.5;2.4;0;430;houmous;tahini
passata;vegetable;250;;;;;c730 of5 oz90;-;acid colour;126;1.4;0.2;4.8;1.3;0.6;9;15;sieved tomatoes,strained tomatoes;tomato paste
sun-dried tomatoes;vegetable;54;2;;;;c270 z120;~sulphites;umami sweet;1187;14.1;3;43.4;12.3;9.1;39;1050;sundried tomatoes,dried tomatoes,sun dried tomatoes;tomato
oil-packed sun-dried tomatoes;vegetable;110;3;;;;c730 of21 z120;~sulphites;umami fat;891;5.1;14.1;17.5;5.8;2.7;102;266;sun-dried tomatoes in oil,tomatoes in oil;sun-dried tomatoes
jarred peppers;vegetable;170;;;;;c730 of7 z120;~sulphites;sweet colour;146;1;0.6;5.5;1.8;0.5;60;350;roasted red peppers,roasted peppers;red pepper
jarred artichoke hearts;vegetable;160;25;;;;c730 of7 z120;~sulphites;acid;188;2;0.3;5.5;6;0.8;3;350;artichoke hearts,canned artichoke hearts,tinned artichokes;globe artichoke
gherkins;vegetable;143;35;;;;c730 of60 z120;~mustard ~sulphites;acid crisp;63;0.6;0.2;2.4;1;0.4;1;800;pickled cucumbers,pickles,dill pickles;cucumber
pickled beetroot;vegetable;227;;;;;c730 of30 z120;~sulphites;acid colour;188;1;0.1;9.5;1.6;0.5;2;250;;beetroot
pickled onions;vegetable;150;15;;;;c730 of60 z120;~sulphites;acid crisp;105;0.9;0.2;4.5;1.2;0.3;2;450;;onion
pickled jalapeños;vegetable;136;;;;;c730 of60 z120;~sulphites;heat acid;105;0.9;0.6;3.2;2.2;1.5;8;1600;pickled jalapenos,pickled chillies;chilli,jalapeno
kimchi;vegetable;150;;;;;f60 of30 z120;~fish ~crustaceans ~soybeans;acid heat;84;1.1;0.5;1.7;1.6;2.5;4;500;;sauerkraut
canned jackfruit;vegetable;165;;;;;c1000 of3 oz60;-;bulk;126;0.8;0.3;4.5;2.5;0.4;3;250;young jackfruit,jackfruit,tinned jackfruit;
canned bamboo shoots;vegetable;131;;;;;c1000 of3 oz60;-;crisp;79;1.7;0.4;1.8;1.4;0.3;1;7;bamboo shoots,tinned bamboo shoots;
canned water chestnuts;vegetable;140;;;;;c1000 of3 oz60;-;crisp;209;0.9;0.1;9.8;2.5;0.9;1;8;water chestnuts;chestnuts
cooked chestnuts;nut or seed;145;8;;;;c270 of4 z180;~nuts;bulk sweet;711;2.5;1.5;33;5;1;10;5;vacuum-packed chestnuts,peeled chestnuts;chestnuts
canned palm hearts;vegetable;146;;;;;c1000 of3 oz60;~sulphites;crisp;117;2.5;0.6;2.2;2.4;3.1;8;426;hearts of palm,palm hearts;
canned beetroot;vegetable;170;;;;;c1000 of4 oz60;-;colour bulk;130;0.9;0.1;5.5;1.8;0.7;4;194;cooked beetroot,vacuum-packed beetroot;beetroot
canned carrots;vegetable;146;;;;;c1000 of3 oz60;-;bulk;105;0.6;0.2;4;1.5;0.6;3;240;tinned carrots;carrot
canned green peas;vegetable;170;;;;;c1000 of3 oz60;-;sweet protein;285;4.4;0.4;8.5;4.5;1;10;250;tinned peas,canned peas;green peas
canned green beans;vegetable;135;;;;;c1000 of3 oz60;-;bulk;96;1.2;0.2;2.8;1.9;0.9;5;260;tinned green beans;green beans
canned mushrooms;vegetable;156;;;;;c1000 of3 oz60;-;umami;105;1.9;0.3;2.7;2.4;0.8;0;425;tinned mushrooms;mushrooms
canned pineapple;fruit;180;;;;;c1000 of5 oz60;-;sweet acid;251;0.4;0.1;14.9;0.8;0.3;9.5;1;tinned pineapple,pineapple chunks;pineapple
canned peaches;fruit;250;;;;;c1000 of5 oz60;-;sweet;226;0.5;0.1;13.2;1.3;0.3;2.8;5;tinned peaches;peach
ketchup;seasoning;270;;;;;c540 of60;~celery;sweet acid;460;1.2;0.1;26;0.5;0.4;4;900;tomato ketchup;tomato paste
harissa;seasoning;260;;;;;c540 of42;~sulphites;heat aromatic;377;3;5;8;5;3;20;1200;harissa paste,rose harissa;tomato paste
curry paste;seasoning;270;;;;;c540 of42;~crustaceans ~fish ~celery ~mustard;heat aromatic salt;628;2.5;9;13;5;3;5;2500;red curry paste,green curry paste,thai curry paste;curry powder
hot sauce;seasoning;240;;;;;c730 of180;~sulphites;heat acid;84;0.8;0.5;3;0.8;0.5;20;1800;chilli sauce,sambal;
green pesto;fat;245;;;;;c365 of7 z90;~milk ~nuts;fat aromatic;1590;4;38;5;2;1.5;2;1000;pesto,vegan pesto;
tapenade;fat;220;;;;;c365 of14;~fish ~sulphites;fat salt;1172;1.5;28;4;3.5;3;2;1600;olive paste;olives
tamarind paste;acid;280;;;;;c730 of90;~sulphites;acid;628;1.5;0.3;33;3;1.5;2;200;tamarind;
pomegranate molasses;acid;320;;;;;c730 of365;~sulphites;acid sweet;1172;0.5;0.1;68;0.5;1;1;40;pomegranate syrup;molasses
yeast extract;seasoning;300;;;;;c730;gluten ~celery;umami salt;753;25;0.5;15;5;4;0;4200;;nutritional yeast
hoisin sauce;seasoning;255;;;;;c540 of90;soybeans gluten sesame;sweet salt umami;920;3.3;3.4;41;2.8;1;0;1615;hoisin;soy sauce
mirin;acid;250;;;;;c730 oc90;-;sweet;962;0.2;0;42;0;0;0;50;sweet rice wine;rice vinegar
liquid smoke;seasoning;240;;;;;c1000;-;aromatic;;;;;;;;;smoke flavouring;
black salt;seasoning;290;;;;;;-;salt;0;0;0;0;0;2;0;37000;kala namak;salt
garam masala;seasoning;100;;;;;c365;~mustard ~celery ~gluten;aromatic;1464;14;14;30;25;25;10;60;;curry powder
five-spice powder;seasoning;95;;;;;c365;~mustard ~celery;aromatic;;;;;;;;;five spice,chinese five spice;
ras el hanout;seasoning;95;;;;;c365;~mustard ~celery ~gluten;aromatic;;;;;;;;;;garam masala
za'atar;seasoning;90;;;;;c365;sesame ~gluten;aromatic acid;;;;;;;;;zaatar;thyme
sumac;seasoning;110;;;;;c365;-;acid colour;;;;;;;;;;
asafoetida;seasoning;;;;;;c730;~gluten;aromatic;;;;;;;;;hing,asafetida;
mixed dried herbs;seasoning;40;;;;;c365;-;aromatic;;;;;;;;;mixed herbs,italian herbs,italian seasoning,herbes de provence;
sichuan pepper;seasoning;;;;;;c365;-;heat aromatic;;;;;;;;;szechuan pepper;black pepper
prepared horseradish;seasoning;240;;;;;c180 of42;sulphites ~mustard;heat acid;201;1.2;0.7;8;3.3;0.4;25;420;horseradish sauce,jarred horseradish;fresh horseradish
egg replacer;grain;;;;;;c540 z365;~soybeans;binder;;;;;;;;;;
psyllium husk;seasoning;80;;;;;c730;-;binder thickener;;;;;;;;;psyllium;
xanthan gum;seasoning;144;;;;;c730;-;thickener;;;;;;;;;xanthan;
citric acid;seasoning;;;;;;c1000;-;acid;;;;;;;;;;
textured pea protein;legume;85;;;2;;c365 z730;-;protein;1548;60;4;20;8;8;0;600;pea mince;soya mince
coconut chips;nut or seed;60;;;;;c180 z120;~nuts ~sulphites;fat crisp;2761;6.9;64.5;7.4;16.3;3.3;1.5;37;coconut flakes;desiccated coconut
aquafaba;water;240;;;;;f4 z90;-;binder;75;1;0.1;2.9;0.2;0.2;0;200;chickpea liquid,bean liquid,chickpea water;
rye bread;grain;;32;;;;c7 z60;gluten ~sesame;bulk;1084;8.5;3.3;42.5;5.8;2.8;0;600;dark bread;wholemeal bread
panko;grain;60;;;;;c120 z90;gluten ~eggs ~milk ~soybeans ~sesame;crisp;1560;11;2.5;74;3.5;2;0;450;panko breadcrumbs;breadcrumbs
self-raising flour;grain;125;;;;;c180 z365;gluten;bulk binder;1481;9.9;1;74.2;2.7;1.2;0;360;self-rising flour,self raising flour;wheat flour
salsa;vegetable;259;;;;;c365 of7 z60;-;acid heat;121;1.5;0.2;4.7;1.9;0.4;1.9;711;tomato salsa;passata
vegan cheese;fat;113;;;;;f30 of7 z120;~soybeans ~nuts ~milk;fat salt;1180;0.5;22;20;1;0.3;0;800;plant cheese,vegan cheddar,vegan mozzarella,vegan feta,vegan hard cheese;
mixed nuts;nut or seed;135;;;;;c180 z365;nuts ~peanuts ~sesame;fat crisp;2540;17;53;21;7;3;1;5;;almonds
mixed seeds;nut or seed;140;;;;;c180 z365;~sesame ~nuts ~peanuts;crisp;2400;24;48;12;9;7;1;10;seed mix;sunflower seeds,pumpkin seeds
sriracha;seasoning;250;;;;;c540 of180;~sulphites;heat sweet acid;389;1.9;0.9;19.2;2.2;1.6;27;2124;sriracha sauce;hot sauce
sweet chilli sauce;seasoning;280;;;;;c540 of90;~sulphites;sweet heat;960;0.4;0.3;55;0.6;0.3;5;600;sweet chili sauce;hot sauce
gochujang;seasoning;290;;;;;c540 of180;soybeans ~gluten;heat umami sweet;900;5;2;44;3;2;0;2500;korean chilli paste;miso
gochugaru;seasoning;85;;;;;c365;-;heat colour;;;;;;;;;korean chilli flakes,korean chilli powder;chilli flakes
chipotle paste;seasoning;260;;;;;c540 of42;~sulphites;heat aromatic;;;;;;;;;;harissa
canned chipotles;vegetable;;15;;;;c730 of14 z120;~sulphites;heat aromatic;;;;;;;;;chipotle,chipotles,chipotle in adobo,chipotles in adobo;chilli
ginger-garlic paste;seasoning;240;;;;;c365 of30 z180;~sulphites;aromatic;;;;;;;;;ginger garlic paste,garlic-ginger paste;garlic,ginger
vegan worcestershire sauce;seasoning;275;;;;;c730 of180;~gluten ~soybeans ~celery ~mustard;umami acid salt;327;0;0;19.5;0;5.3;13;980;vegan worcestershire,vegan worcester sauce;soy sauce
wasabi;seasoning;;;;;;c365 of180;mustard ~soybeans ~sulphites;heat;;;;;;;;;wasabi paste;prepared horseradish
dried fenugreek leaves;seasoning;12;;;;;c365;-;aromatic;;;;;;;;;kasuri methi,kasoori methi,dried methi;fenugreek seeds
berbere;seasoning;105;;;;;c365;~mustard ~celery ~gluten;heat aromatic;;;;;;;;;berbere spice;ras el hanout
sambar powder;seasoning;100;;;;;c365;~mustard ~gluten;heat aromatic;;;;;;;;;sambar masala;garam masala
chaat masala;seasoning;100;;;;;c365;~mustard ~celery ~gluten;acid salt aromatic;;;;;;;;;;garam masala
tandoori masala;seasoning;100;;;;;c365;~mustard ~celery ~gluten;aromatic heat;;;;;;;;;tandoori powder,tandoori spice;garam masala
kashmiri chilli powder;seasoning;109;;;;;c365;-;colour heat;;;;;;;;;kashmiri chilli,kashmiri chili powder,kashmiri chili;paprika,cayenne pepper
aleppo pepper;seasoning;85;;;;;c365;-;heat;;;;;;;;;pul biber,aleppo chilli,urfa chilli;chilli flakes,black pepper
jerk seasoning;seasoning;100;;;;;c365;~mustard ~celery;heat aromatic;;;;;;;;;;allspice
amchur;seasoning;100;;;;;c365;-;acid;;;;;;;;;mango powder,dried mango powder,amchoor;
dukkah;seasoning;110;;;;;c180;sesame nuts ~peanuts;crisp aromatic;;;;;;;;;dukka;za'atar
jaggery;seasoning;200;;;;;c500;-;sweet;1590;0.4;0.1;95;0;4;0;30;gur,palm sugar,panela;brown sugar
vanilla sugar;seasoning;200;;;;;c730;-;sweet aromatic;1619;0;0;99;0;0;0;1;;sugar
mustard oil;fat;218;;;;;c365 oc180;mustard;fat;3700;0;100;0;0;0;0;0;;rapeseed oil
`;
