/** Nuts, seeds, fats, acids, sweets, spices, herbs and what else stands in the cupboard. Columns as in readFoodTable.ts. */
export const NUTS_AND_SEASONINGS = `
almonds;nut or seed;143;1.2;;;;c180 z365;nuts ~peanuts ~sesame;fat protein crisp;2423;21.2;49.9;9.1;12.5;3.7;0;1;flaked almonds,slivered almonds,almond flakes,blanched almonds;nuts,mixed nuts
hazelnuts;nut or seed;135;1;;;;c180 z365;nuts ~peanuts ~sesame;fat crisp;2629;15;60.8;7;9.7;4.7;6.3;0;filberts;nuts,mixed nuts
walnuts;nut or seed;100;4;;;;c120 f270 z365;nuts ~peanuts ~sesame;fat crisp;2738;15.2;65.2;7;6.7;2.9;1.3;2;;nuts,mixed nuts
cashews;nut or seed;137;1.5;;;;c180 z365;nuts ~peanuts ~sesame;fat thickener;2314;18.2;43.9;26.9;3.3;6.7;0.5;12;cashew nuts;
pecans;nut or seed;99;1.5;;;;c120 z365;nuts ~peanuts ~sesame;fat crisp;2891;9.2;72;4.3;9.6;2.5;1.1;0;;
pistachios;nut or seed;123;0.7;;;;c180 z365;nuts ~peanuts ~sesame;fat colour;2351;20.2;45.3;16.6;10.6;3.9;5.6;1;;
peanuts;nut or seed;146;0.9;;;;c180 z365;peanuts ~nuts ~sesame;fat protein;2374;25.8;49.2;7.6;8.5;4.6;0;18;;
sunflower seeds;nut or seed;140;;;;;c120 z365;~peanuts ~nuts ~sesame;fat protein thickener;2445;20.8;51.5;11.4;8.6;5.3;1.4;9;sunflower kernels,sunflower seed;seeds,mixed seeds
pumpkin seeds;nut or seed;129;;;;;c180 z365;~peanuts ~nuts ~sesame;fat protein crisp;2340;30.2;49.1;4.7;6;8.8;1.9;7;pepitas;seeds,mixed seeds
sesame seeds;nut or seed;144;;;;;c180 z365;sesame ~peanuts ~nuts;fat;2397;17.7;49.7;11.7;11.8;14.6;0;11;sesame,white sesame seeds,black sesame seeds;
flaxseed;nut or seed;168;;;;;c365 z365;~sesame;binder;2234;18.3;42.2;1.6;27.3;5.7;0.6;30;linseed,flax,whole flaxseed;ground flax
ground flax;nut or seed;112;;;;;c30 f60 z180;~sesame;binder;2234;18.3;42.2;1.6;27.3;5.7;0.6;30;flax meal,ground linseed,ground flaxseed,milled flaxseed,flaxseed meal;flaxseed
chia seeds;nut or seed;170;;;;;c365 z365;~sesame;binder thickener;1822;16.5;30.7;7.7;34.4;7.7;1.6;16;chia;
hemp seeds;nut or seed;160;;;;;c120 f180 z365;~nuts ~sesame;protein fat;2314;31.6;48.8;4.7;4;8;0.5;5;hulled hemp;
poppy seeds;nut or seed;141;;;;;c180 z365;~sesame;fat;2197;18;41.6;8.6;19.5;9.8;1;26;;
desiccated coconut;nut or seed;93;;;;;c180 z365;~nuts ~sulphites;fat sweet;2761;6.9;64.5;7.4;16.3;3.3;1.5;37;dried coconut;coconut milk
coconut milk;fat;240;;;;;c730 of4 oz60;~sulphites;fat;824;2;21.3;2.8;0;3.3;1;13;canned coconut milk;coconut cream
tahini;nut or seed;240;;;;;c365 f365 oc90 of180 z365;sesame ~peanuts ~nuts;fat thickener;2489;17;53.8;11.9;9.3;9;0;115;sesame paste;
peanut butter;nut or seed;258;;;;;c270 oc90 of150 z270;peanuts ~nuts ~sesame;fat protein;2462;22.2;51.4;17.3;5;1.7;0;426;;
hazelnut butter;nut or seed;250;;;;;c270 oc60 of150 z270;nuts ~peanuts ~sesame;fat thickener;2700;15;62;7;9.5;4.5;5;1;;
rapeseed oil;fat;218;;;;;c365 oc180;-;fat;3700;0;100;0;0;0;0;0;canola oil,oil;vegetable oil
vegetable oil;fat;218;;;;;c365 oc180;~soybeans;fat;3700;0;100;0;0;0;0;0;cooking oil,frying oil,neutral oil,veg oil;
sunflower oil;fat;218;;;;;c365 oc180;-;fat;3700;0;100;0;0;0;0;0;;
olive oil;fat;216;;;;;c540 oc365;-;fat;3700;0;100;0;0;0.6;0;2;extra virgin olive oil,evoo;olives
sesame oil;fat;218;;;;;c365 oc180;sesame;fat aromatic;3700;0;100;0;0;0;0;0;toasted sesame oil;
coconut oil;fat;218;;;;;c730 oc365;-;fat;3700;0;99.1;0;0;0.1;0;0;;
plant margarine;fat;227;;;;;f90 of60 z180;~soybeans ~milk;fat;3000;0.2;80;0.7;0;0;0;700;margarine,marge,plant butter,vegan butter,plant-based butter,dairy-free butter,dairy-free spread,marg;butter
cider vinegar;acid;239;;;;;c730;sulphites;acid;88;0;0;0.9;0;0.2;0;5;apple cider vinegar,vinegar;
wine vinegar;acid;239;;;;;c730;sulphites;acid;79;0;0;0.3;0;0.5;0.5;8;red wine vinegar,white wine vinegar,sherry vinegar;
balsamic vinegar;acid;255;;;;;c730;sulphites;acid sweet;368;0.5;0;17;0;0.7;0;23;balsamic;
soy sauce;seasoning;255;;;;;c730 oc90 of365;soybeans gluten;salt umami;222;8.1;0.6;4.1;0.8;1.5;0;5493;shoyu,light soy sauce,dark soy sauce,soya sauce,soy,light soy,dark soy;tamari
tamari;seasoning;288;;;;;c730 oc90 of365;soybeans ~gluten;salt umami;251;10.5;0.1;4.8;0.8;2.4;0;5586;;soy sauce
miso;seasoning;275;;;;;f365 of270 z365;soybeans ~gluten;salt umami;832;12.8;6;19.6;5.4;2.5;0;3728;miso paste,white miso,red miso,brown miso,barley miso,miso paste white;
nutritional yeast;seasoning;70;;;;;c365;~gluten;umami protein;1500;50;4;15;22;3;0;60;yeast flakes,nooch;
mustard;seasoning;249;;;;;c365 f365 of180 oc30;mustard ~sulphites;acid heat;287;3.7;3.3;1.8;4;1.6;0.3;1104;prepared mustard,dijon,wholegrain mustard,grainy mustard,english mustard,yellow mustard,whole grain mustard;mustard seeds
mustard seeds;seasoning;179;;;;;c365;mustard;heat;2126;26.1;36.2;15.9;12.2;9.2;7.1;13;;mustard
vegetable stock;water;240;;;;;f4 z90;celery ~gluten ~eggs ~soybeans ~milk ~mustard;salt;25;0.2;0.1;0.9;0;0.1;0;296;stock,broth,vegetable broth,veg stock,veggie stock,vegetable bouillon stock;stock powder
stock powder;seasoning;150;10;;;;c365;celery ~gluten ~eggs ~soybeans ~milk ~mustard;salt umami;900;10;5;30;2;1;0;15000;bouillon powder,stock cube,vegetable bouillon powder,vegetable stock powder,vegetable stock cube,vegetable bouillon,bouillon,veg stock cube,veg stock powder,veg bouillon;vegetable stock
sugar;seasoning;200;;;;;c1000;-;sweet;1619;0;0;100;0;0.1;0;1;white sugar,caster sugar,granulated sugar;brown sugar
brown sugar;seasoning;220;;;;;c500;-;sweet;1590;0.1;0;98.1;0;0.7;0;28;demerara sugar,muscovado sugar,muscovado,light brown sugar,dark brown sugar,cane sugar;sugar
maple syrup;seasoning;315;;;;;c730 oc30 of180 z365;-;sweet;1088;0;0.1;67;0;0.1;0;12;maple;agave syrup,honey,syrup,sweetener
agave syrup;seasoning;330;;;;;c365;-;sweet;1297;0.1;0.5;76.4;0.2;0.1;17;4;agave nectar,agave;maple syrup,honey,syrup,sweetener
molasses;seasoning;337;;;;;c730;~sulphites;sweet colour;1213;0;0.1;74.7;0;4.7;0;37;treacle,black treacle;
jam;seasoning;320;;;;;c365 of60 oc14 z365;~sulphites;sweet;1163;0.4;0.1;67.8;1.1;0.5;8.8;32;;
salt;seasoning;292;;;;;;-;salt;0;0;0;0;0;0.3;0;38758;sea salt,table salt,fine salt,rock salt,cooking salt,pickling salt;garlic salt
black pepper;seasoning;105;;;;;c730;-;heat;1159;10.4;3.3;38.7;25.3;9.7;0;20;pepper,ground pepper,peppercorns,black peppercorns;red pepper
chilli flakes;seasoning;85;;;;;c365;-;heat;1562;12;17.3;29.4;27.2;7.8;76.4;30;crushed chilli,red pepper flakes,crushed red pepper;chilli
paprika;seasoning;109;;;;;c365;-;colour aromatic;1321;14.1;12.9;19.1;34.9;21.1;0.9;68;sweet paprika,smoked paprika,hot paprika,sweet smoked paprika;red pepper
cumin;seasoning;96;;;;;c365;-;aromatic;1785;17.8;22.3;33.7;10.5;66.4;7.7;168;ground cumin,cumin seeds,whole cumin seeds;caraway
coriander seeds;seasoning;80;;;;;c365;-;aromatic;1427;12.4;17.8;13.1;41.9;16.3;21;35;ground coriander,coriander powder;fresh coriander,coriander
caraway;seasoning;107;;;;;c365;-;aromatic;1393;19.8;14.6;11.9;38;16.2;21;17;caraway seeds;cumin
fennel seeds;seasoning;93;;;;;c365;-;aromatic;1443;15.8;14.9;12.5;39.8;18.5;21;88;;fennel
turmeric;seasoning;150;;;;;c365;-;colour aromatic;1305;9.7;3.3;44.4;22.7;55;0.7;27;ground turmeric,haldi;
cinnamon;seasoning;125;;;;;c365;-;aromatic sweet;1034;4;1.2;27.5;53.1;8.3;3.8;10;ground cinnamon;
nutmeg;seasoning;112;;;;;c365;-;aromatic;2197;5.8;36.3;28.5;20.8;3;3;16;ground nutmeg;
chili powder;seasoning;128;;;;;c365;~mustard ~celery;heat aromatic;1180;13.5;14.3;14.9;34.8;17.3;0.7;2867;chilli powder blend,chili seasoning;chilli powder
curry powder;seasoning;101;;;;;c365;mustard ~gluten ~celery;aromatic heat;1231;14.3;14;2.6;53.2;19.1;0.7;52;;
ground ginger;seasoning;83;;;;;c365;-;aromatic heat;1402;9;4.2;57.5;14.1;19.8;0.7;27;ginger powder;ginger
garlic powder;seasoning;155;;;;;c365;-;aromatic;1385;16.6;0.7;63.7;9;5.7;1.2;60;garlic granules;garlic
bay leaf;seasoning;;0.2;;;;c365;-;aromatic;1478;7.6;8.4;48.7;26.3;43;46.5;23;bay leaves,bay;
thyme;seasoning;38;;;;;c365;-;aromatic;1155;9.1;7.4;26.9;37;123.6;50;55;dried thyme;fresh thyme
rosemary;seasoning;53;;;;;c365;-;aromatic;1385;4.9;15.2;21.5;42.6;29.3;61.2;50;dried rosemary;fresh rosemary
sage;seasoning;32;;;;;c365;-;aromatic;1318;10.6;12.8;20.4;40.3;28.1;32.4;11;dried sage;fresh sage
oregano;seasoning;48;;;;;c365;-;aromatic;1109;9;4.3;26.4;42.5;36.8;2.3;25;dried oregano;marjoram,fresh oregano
marjoram;seasoning;28;;;;;c365;-;aromatic;1134;12.7;7;20.3;40.3;82.7;51.4;77;dried marjoram;oregano
savory;seasoning;70;;;;;c365;-;aromatic;1138;6.7;5.9;23;45.7;37.9;50;24;summer savory;
dill;seasoning;34;;;;;f6 z180;-;aromatic;200;3.5;1.1;4.9;2.1;6.6;85;61;fresh dill;dill seeds,herbs,fresh herbs
parsley;seasoning;60;;95;;;f7 z180;-;aromatic colour;151;3;0.8;3;3.3;6.2;133;56;fresh parsley,flat parsley,flat-leaf parsley,curly parsley,italian parsley;parsley root,herbs,fresh herbs
chives;seasoning;48;;;;;f6 z180;-;aromatic;126;3.3;0.7;1.9;2.5;1.6;58.1;3;fresh chives;spring onion
basil;seasoning;24;;;;;f4 z180;-;aromatic;108;3.2;0.6;1.1;1.6;3.2;18;4;fresh basil;herbs,fresh herbs
fresh coriander;seasoning;45;;;;;f6 z180;-;aromatic;95;2.1;0.5;0.9;2.8;1.8;27;46;coriander leaves,cilantro;coriander seeds,coriander
mint;seasoning;25;;;;;f6 z180;-;aromatic;293;3.8;0.9;6.9;8;5.1;31.8;31;fresh mint;
juniper berries;seasoning;80;0.2;;;;c730;-;aromatic;;;;;;;;;juniper;
vanilla extract;seasoning;208;;;;;c1000;-;aromatic;1219;0.1;0.1;12.7;0;0.1;0;9;vanilla;
cocoa powder;seasoning;86;;;;;c730;~nuts ~milk;aromatic colour;1488;19.6;13.7;20.7;37;13.9;0;21;cocoa,cacao powder,cacao;
baking powder;seasoning;221;;;;;c365;~gluten;leaven;222;0;0;13;0.2;11;0;10600;;baking soda
baking soda;seasoning;221;;;;;c730;-;leaven;0;0;0;0;0;0;0;27360;bicarbonate of soda,bicarb;baking powder
dried yeast;seasoning;192;;;;;c365;-;leaven;1360;40.4;7.6;14.3;26.9;2.2;0.3;51;instant yeast,yeast;nutritional yeast
capers;seasoning;137;;;;;c730 of180;~sulphites;salt acid;142;2.4;0.9;1.7;3.2;1.7;4.3;2348;;
seaweed;seasoning;;;;;;c365;~crustaceans ~fish ~molluscs;umami salt;929;6;1;30;35;6;3;2000;nori,kombu,dried seaweed;
plant milk;water;244;;;;;c180 of5 oz60;?;;;;;;;;;;non-dairy milk,plant drink,plant-based milk,dairy-free milk,vegan milk;coconut milk
red wine;acid;236;;;;;c1000 of7 oc2 z120;sulphites ~eggs ~milk;acid;356;0.1;0;2.6;0;0.5;0;4;wine,dry red wine;wine vinegar
white wine;acid;236;;;;;c1000 of7 oc2 z120;sulphites ~eggs ~milk;acid;343;0.1;0;2.6;0;0.3;0;5;dry white wine;
dry cider;acid;238;;;;;c365 of4 oc1;sulphites;acid;172;0;0;2.6;0;0.1;0;7;hard cider;cider vinegar
nameless box;component;;;;;;f3 z60;?;;;;;;;;;;unknown box,mystery box;
beer;acid;240;;;;;c180 of2 oc1;gluten ~sulphites;acid;180;0.5;0;3.6;0;0;0;4;lager,ale;
water;water;236.5882365;;;;;;-;;0;0;0;0;0;0;0;4;tap water;
ground almonds;nut or seed;96;;;;;c90 f180 z365;nuts ~peanuts ~sesame;fat thickener;2423;21.2;49.9;9.1;12.5;3.7;0;1;almond flour,almond meal;wheat flour
ground hazelnuts;nut or seed;90;;;;;c60 f150 z365;nuts ~peanuts ~sesame;fat thickener;2629;15;60.8;7;9.7;4.7;6.3;0;hazelnut flour,hazelnut meal;wheat flour
peanut oil;fat;216;;;;;c365 oc180;peanuts;fat;3700;0;100;0;0;0;0;0;groundnut oil,arachis oil;rapeseed oil
walnut oil;fat;218;;;;;c180 oc90 of180;nuts;fat aromatic;3700;0;100;0;0;0;0;0;;rapeseed oil
hazelnut oil;fat;218;;;;;c180 oc90 of180;nuts;fat aromatic;3700;0;100;0;0;0;0;0;;rapeseed oil
soya oil;fat;218;;;;;c365 oc180;soybeans;fat;3700;0;100;0;0;0;0;0;soybean oil,soy oil;rapeseed oil
celery salt;seasoning;240;;;;;c730;celery;salt aromatic;;;;;;;;31000;;salt
garlic salt;seasoning;270;;;;;c730;-;salt aromatic;;;;;;;;31000;;salt,garlic powder
spirit vinegar;acid;239;;;;;c1000;-;acid;75;0;0;0;0;0;0;2;white vinegar,distilled vinegar;cider vinegar
rice vinegar;acid;239;;;;;c730;~sulphites;acid;75;0;0;0.6;0;0.1;0;5;rice wine vinegar;cider vinegar
malt vinegar;acid;239;;;;;c730;gluten ~sulphites;acid;80;0.4;0;0.6;0;0.1;0;5;;cider vinegar
coconut cream;fat;240;;;;;c730 of4 oz60;~sulphites;fat;1400;3.6;34.7;4.4;0.5;2.3;2.8;4;canned coconut cream;coconut milk,cream
oat milk;water;244;;;;;c180 of5 oz60;gluten;;190;1;1.5;6.6;0.8;0.2;0;40;oat drink;plant milk,milk
soya milk;water;244;;;;;c180 of5 oz60;soybeans;protein;139;3.3;1.8;0.8;0.5;0.4;0;40;soy milk,soya drink;plant milk,milk
almond milk;water;244;;;;;c180 of5 oz60;nuts;;62;0.5;1.2;0.3;0.3;0.2;0;60;almond drink;plant milk
rice milk;water;244;;;;;c180 of5 oz60;-;;203;0.3;1;9.2;0.3;0.2;0;39;rice drink;plant milk
apple juice;acid;248;;;;;c365 of5 z240;-;sweet acid;195;0.1;0.1;11.2;0.2;0.1;0.9;4;;cider vinegar
orange juice;acid;248;;;;;f14 of5 z240;-;sweet acid;192;0.7;0.2;10.2;0.2;0.2;50;1;;orange
lime juice;acid;246;;;;;f4 of4 z120;~sulphites;acid;111;0.4;0.1;1.9;0.4;0.1;30;2;;lemon juice
macadamia nuts;nut or seed;134;2.5;;;;c120 z365;nuts ~peanuts ~sesame;fat crisp;3004;7.9;75.8;5.2;8.6;3.7;1.2;5;macadamias;
brazil nuts;nut or seed;133;5;;;;c120 z365;nuts ~peanuts ~sesame;fat crisp;2757;14.3;67.1;4.2;7.5;2.4;0.7;3;brazils;
pine nuts;nut or seed;135;;;;;c90 f180 z365;~nuts ~peanuts ~sesame;fat crisp;2816;13.7;68.4;9.4;3.7;5.5;0.8;2;pine kernels;
chestnuts;nut or seed;145;8;80;;;r14 f30 z180;~nuts;bulk sweet;891;2.4;2.3;37.5;8.1;1;43;3;sweet chestnuts;water chestnuts
almond butter;nut or seed;250;;;;;c270 oc60 of150 z270;nuts ~peanuts ~sesame;fat thickener;2569;21;55.5;8.5;10.3;3.5;0;7;;peanut butter
cashew butter;nut or seed;256;;;;;c270 oc60 of150 z270;nuts ~peanuts ~sesame;fat thickener;2456;17.6;49.4;25.6;2;5;0;15;;peanut butter
sunflower seed butter;nut or seed;256;;;;;c270 oc60 of150 z270;~peanuts ~nuts ~sesame;fat thickener;2582;17.3;55.2;17.6;5.7;4.1;2.7;3;sunflower butter;peanut butter
flaxseed oil;fat;218;;;;;f180 of60;-;fat;3700;0;100;0;0;0;0;0;linseed oil;
avocado oil;fat;218;;;;;c365 oc180;-;fat;3700;0;100;0;0;0;0;0;;
pumpkin seed oil;fat;218;;;;;c270 oc120 of180;-;fat aromatic;3700;0;100;0;0;0;0;0;;
vegetable shortening;fat;205;;;;;c365 of180 z365;~soybeans;fat;3700;0;100;0;0;0.1;0;0;vegetable fat,shortening;plant margarine
icing sugar;seasoning;120;;;;;c730;-;sweet;1628;0;0;99.8;0;0.1;0;2;powdered sugar,confectioners sugar;sugar
coconut sugar;seasoning;180;;;;;c730;-;sweet;1607;0.5;0.3;94;0;2;0;90;coconut blossom sugar;brown sugar
golden syrup;seasoning;340;;;;;c730;-;sweet;1247;0.3;0;79;0;0.6;0;270;light treacle;maple syrup
rice syrup;seasoning;330;;;;;c730;-;sweet;1322;0.3;0.1;79;0;0.1;0;10;brown rice syrup;maple syrup
date syrup;seasoning;340;;;;;c365 of180;~sulphites;sweet colour;1213;1.5;0.2;70;1;1.5;0;20;date molasses;maple syrup
dark chocolate;seasoning;170;;;;;c365;~milk ~nuts ~soybeans;sweet fat;2502;7.8;42.6;35;10.9;11.9;0;20;chocolate,plain chocolate,chocolate chips;cocoa powder
cardamom;seasoning;92;0.2;;;;c730;-;aromatic;1301;10.8;6.7;40.5;28;14;21;18;ground cardamom,cardamom pods;
cloves;seasoning;105;0.1;;;;c730;-;aromatic;1391;6;13;31.6;33.9;11.8;0.2;277;ground cloves,whole cloves;garlic
allspice;seasoning;90;;;;;c730;-;aromatic;1457;6.1;8.7;50.5;21.6;7.1;39;77;ground allspice,pimento;
star anise;seasoning;;1.5;;;;c730;-;aromatic;;;;;;;;;;anise seeds
anise seeds;seasoning;107;;;;;c365;-;aromatic;1606;17.6;15.9;35.4;14.6;37;21;16;aniseed,anise;star anise,fennel seeds
fenugreek seeds;seasoning;178;;;;;c365;-;aromatic;1351;23;6.4;33.8;24.6;33.5;3;67;fenugreek;
nigella seeds;seasoning;120;;;;;c365;~mustard ~sesame;aromatic;;;;;;;;;black cumin,kalonji,nigella;sesame seeds
celery seeds;seasoning;104;;;;;c365;celery;aromatic;1841;18.1;25.3;29.6;11.8;44.9;17;160;celery seed;celery
dill seeds;seasoning;105;;;;;c365;-;aromatic;1557;16;14.5;34.1;21.1;16.3;21;20;dill seed;dill
saffron;seasoning;34;;;;;c730;-;colour aromatic;1489;11.4;5.9;61.5;3.9;11.1;80.8;148;saffron threads;turmeric
mace;seasoning;85;;;;;c365;-;aromatic;1987;6.7;32.4;30.3;20.2;13.9;21;80;;nutmeg
cayenne pepper;seasoning;85;;;;;c365;-;heat;1562;12;17.3;29.4;27.2;7.8;76;30;cayenne,chilli powder;chilli,chilli flakes
white pepper;seasoning;115;;;;;c730;-;heat;1238;10.4;2.1;42.4;26.2;14.3;21;5;;black pepper
onion powder;seasoning;110;;;;;c365;-;aromatic;1427;10.4;1;63.9;15.2;3.9;23;73;;onion
dried parsley;seasoning;24;;;;;c365;-;aromatic;1222;26.6;5.5;23.9;26.7;22;125;452;;parsley
dried basil;seasoning;34;;;;;c365;-;aromatic;975;23;4.1;10;37.7;89.8;0.8;76;;basil
dried dill;seasoning;49;;;;;c365;-;aromatic;1329;20;4.4;42.2;13.6;48.8;50;208;dill weed;dill
dried mint;seasoning;26;;;;;c365;-;aromatic;1192;19.9;6;22.2;29.8;87.5;0;344;;mint
dried tarragon;seasoning;29;;;;;c365;-;aromatic;1441;22.8;7.2;42.8;7.4;32.3;50;62;tarragon;fresh tarragon
fresh tarragon;seasoning;30;;;;;f6 z180;-;aromatic;;;;;;;;;;tarragon,dried tarragon
chervil;seasoning;30;;;;;f4 z120;-;aromatic;;;;;;;;;;parsley
lovage;seasoning;30;;;;;f5 z180;-;aromatic;;;;;;;;;;celery
curry leaf;seasoning;;0.2;;;;f14 z180;-;aromatic;;;;;;;;;curry leaves;curry powder,bay leaf
makrut lime leaf;seasoning;;0.5;;;;f14 z240;-;aromatic;;;;;;;;;lime leaves,lime leaf;bay leaf
cinnamon stick;seasoning;;3;;;;c730;-;aromatic sweet;1034;4;1.2;27.5;53.1;8.3;3.8;10;cinnamon sticks,stick of cinnamon;cinnamon
vanilla pod;seasoning;;3;;;;c365;-;aromatic;;;;;;;;;vanilla bean,vanilla pods;vanilla extract
cream of tartar;seasoning;144;;;;;c1000;-;acid leaven;1079;0;0;61.5;0.2;3.7;0;52;;baking powder
agar;seasoning;80;;;;;c730;-;thickener;1423;6.2;0.3;73.2;7.7;21.4;0;102;agar agar,agar powder,agar flakes;
fresh yeast;seasoning;;42;;;;f14 z60;-;leaven;439;8.4;1.9;10;8.1;3.3;0.1;30;baker's yeast;dried yeast
coffee;seasoning;;;;;;c365;-;aromatic;;;;;;;;;ground coffee;
black tea;seasoning;;;;;;c730;-;aromatic;;;;;;;;;tea;
sherry;acid;236;;;;;c1000 oc30;sulphites;acid;485;0.2;0;1.4;0;0.4;0;9;dry sherry;white wine
tomato juice;acid;243;;;;;c365 of5 z120;-;acid;82;0.9;0.3;3.1;0.4;0.4;70;253;;canned tomatoes
carrot juice;vegetable;236;;;;;c365 of4 z240;-;sweet;167;1;0.2;8.5;0.8;0.5;8.5;66;;carrot
coconut water;water;240;;;;;c365 of3;~sulphites;sweet;79;0.7;0.2;2.6;1.1;0.3;2.4;105;;coconut milk
apple sauce;fruit;244;;;;;c365 of7 z240;-;sweet binder;176;0.2;0.1;10.1;1.1;0.2;1;2;applesauce,apple puree;apple
`;
