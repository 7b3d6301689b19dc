/** Vegetables, leaves, mushrooms and fruit, raw. Columns as in readFoodTable.ts. */
export const VEGETABLES = `
onion;vegetable;160;110;90;;;c30 r60 z240;-;aromatic;166;1.1;0.1;7.6;1.7;0.2;7.4;4;onions,yellow onion,brown onion;spring onion,shallot
red onion;vegetable;160;110;90;;;c30 r60 z240;-;aromatic colour;166;1.1;0.1;7.6;1.7;0.2;7.4;4;;onion
shallot;vegetable;160;25;88;;;c30 z240;-;aromatic;301;2.5;0.1;13.6;3.2;1.2;8;12;shallots;onion
spring onion;vegetable;100;15;96;;;f7 z240;-;aromatic;134;1.8;0.2;4.7;2.6;1.5;18.8;16;spring onions,scallions,green onions;onion,leek
leek;vegetable;89;89;44;;;r7 f12 z240;-;aromatic;255;1.5;0.3;12.4;1.8;2.1;12;20;leeks;spring onion
garlic;vegetable;136;3;87;;;c60 z240;-;aromatic;623;6.4;0.5;31;2.1;1.7;31.2;17;garlic cloves;garlic powder
ginger;vegetable;96;;93;;;f21 z240;-;aromatic;335;1.8;0.8;15.8;2;0.6;5;13;fresh ginger,root ginger;ground ginger
carrot;vegetable;128;61;89;;;r21 f28 z240;-;bulk colour sweet;173;0.9;0.2;6.8;2.8;0.3;5.9;69;carrots;
parsnip;vegetable;133;120;85;;;r14 f21 z240;-;bulk sweet;314;1.2;0.3;13.1;4.9;0.6;17;10;parsnips;parsley root
parsley root;vegetable;130;100;80;;;r14 f21 z240;-;aromatic;230;2.9;0.5;7;4;0.9;41;30;;parsnip
celeriac;vegetable;156;600;86;;;r21 f28 z240;celery;bulk aromatic;176;1.5;0.3;7.4;1.8;0.7;8;100;celery root;celery
celery;vegetable;101;40;89;;;f14 z240;celery;aromatic;56;0.7;0.2;1.4;1.6;0.2;3.1;80;celery stalks;celeriac
swede;vegetable;140;386;85;;;r28 f28 z240;-;bulk;155;1.1;0.2;6.3;2.3;0.4;25;12;rutabaga;turnip
turnip;vegetable;130;122;81;;;r14 f21 z240;-;bulk;117;0.9;0.1;4.6;1.8;0.3;21;67;turnips;swede
kohlrabi;vegetable;135;400;46;;;r10 f21 z240;-;bulk crisp;113;1.7;0.1;2.6;3.6;0.4;62;20;;turnip
beetroot;vegetable;136;82;67;;;r21 f28 z240;-;bulk colour sweet;180;1.6;0.2;6.8;2.8;0.8;4.9;78;beet,beets;
radish;vegetable;116;9;90;;;f10 z240;-;crisp;66;0.7;0.1;1.8;1.6;0.3;14.8;39;radishes;
potato;vegetable;150;213;75;;;c30 r60 z240;-;bulk thickener;322;2;0.1;15.3;2.2;0.8;19.7;6;potatoes,waxy potatoes,floury potatoes;sweet potato
sweet potato;vegetable;133;130;72;;;c21 r30 z240;-;bulk sweet colour;360;1.6;0.1;17.1;3;0.6;2.4;55;sweet potatoes;potato
winter squash;vegetable;140;1200;71;;;c60 r60 z240;-;bulk sweet colour;188;1;0.1;9.7;2;0.7;21;4;butternut squash,butternut,squash;pumpkin
pumpkin;vegetable;116;;70;;;c60 r60 z240;-;bulk colour;127;1;0.1;6;0.5;0.8;9;1;;winter squash
courgette;vegetable;124;196;95;;;f7 z240;-;bulk;71;1.2;0.3;2.1;1;0.4;17.9;8;zucchini,courgettes;cucumber
cucumber;vegetable;119;300;97;;;f7 z240;-;crisp;65;0.7;0.1;3.1;0.5;0.3;2.8;2;;courgette
aubergine;vegetable;82;458;81;;;f7 z240;-;bulk;104;1;0.2;2.9;3;0.2;2.2;2;eggplant,aubergines,brinjal;
tomato;vegetable;180;123;91;;;c5 f10 z240;-;acid colour;74;0.9;0.2;2.7;1.2;0.3;13.7;5;tomatoes;tomato paste
cherry tomatoes;vegetable;149;17;99;;;c5 f10 z240;-;acid colour;74;0.9;0.2;2.7;1.2;0.3;13.7;5;;
canned tomatoes;vegetable;240;;;;;c730 of4 oz90;-;acid colour;88;1;0.2;3.4;1;0.6;12;130;tinned tomatoes,chopped tomatoes,crushed tomatoes;
tomato paste;vegetable;262;;;;;c730 of10 oz120;-;acid colour;376;4.3;0.5;14.8;4.1;3;21.9;59;tomato puree,tomato concentrate;canned tomatoes
red pepper;vegetable;149;119;82;;;f10 z240;-;colour sweet;111;1;0.3;3.9;2.1;0.4;127.7;4;red bell pepper,bell pepper,sweet pepper;chilli,black pepper
green pepper;vegetable;149;119;82;;;f10 z240;-;colour;84;0.9;0.2;2.9;1.7;0.3;80.4;3;green bell pepper;
chilli;vegetable;;15;90;;;f10 z180;-;heat;183;1.9;0.4;7.3;1.5;1;143.7;9;fresh chilli,chillies,hot pepper;chilli flakes
cauliflower;vegetable;107;588;39;;;f7 z240;-;bulk;104;1.9;0.3;3;2;0.4;48.2;30;;
broccoli;vegetable;91;608;61;;;f5 z240;-;bulk;141;2.8;0.4;4;2.6;0.7;89.2;33;;
cabbage;vegetable;89;908;80;;;r30 f30 z240;-;bulk crisp;103;1.3;0.1;3.3;2.5;0.5;36.6;18;white cabbage,green cabbage;
red cabbage;vegetable;89;839;80;;;r30 f30 z240;-;bulk colour crisp;130;1.4;0.2;5.3;2.1;0.8;57;27;;cabbage
savoy cabbage;leaf;70;800;80;;;r14 f21 z240;-;bulk;113;2;0.1;3;3.1;0.4;31;28;;cabbage
brussels sprouts;vegetable;88;19;90;;;f10 z240;-;bulk;179;3.4;0.3;5.2;3.8;1.4;85;25;sprouts;
kale;leaf;67;;72;;;r3 f6 z240;-;colour bulk;147;2.9;1.5;0.3;4.1;1.6;93.4;53;curly kale;cabbage
chard;leaf;36;;92;;;f4 z240;-;colour bulk;79;1.8;0.2;2.1;1.6;1.8;30;213;swiss chard;spinach
spinach;leaf;30;340;72;;;f4 z240;-;colour bulk;106;2.9;0.4;1.4;2.2;2.7;28.1;79;;chard
rocket;leaf;20;;100;;;f4 z240;-;crisp;119;2.6;0.7;2.1;1.6;1.5;15;27;arugula;
lettuce;leaf;36;360;74;;;f5 z240;-;crisp;63;1.4;0.2;1.6;1.3;0.9;9.2;28;;
nettles;leaf;25;;80;;;f2 z240;-;colour;115;2.7;0.1;0.6;6.9;1.6;;4;;
green beans;vegetable;100;;88;;;f6 z240;-;bulk;131;1.8;0.2;4.3;2.7;1;12.2;6;french beans;broad beans
green peas;vegetable;145;;38;;;f4 z240;-;protein sweet;302;5.4;0.4;8.8;5.7;1.5;40;5;peas,garden peas,peas in the pod;split peas,frozen peas
edamame;vegetable;155;;53;;;f3 z240;soybeans;protein;506;11.9;5.2;3.7;5.2;2.3;6.1;6;;soya beans
sweetcorn;vegetable;154;;36;;;f3 z240;-;sweet;408;3.3;1.4;16.7;2;0.5;6.8;15;corn,corn kernels;cornflour
fennel;vegetable;87;234;72;;;f10 z240;-;aromatic;130;1.2;0.2;4.2;3.1;0.7;12;52;fennel bulb;fennel seeds
asparagus;vegetable;134;16;53;;;f4 z240;-;;85;2.2;0.1;1.8;2.1;2.1;5.6;2;;
mushrooms;vegetable;70;18;97;;;f6 z240;-;umami bulk;111;3.1;0.3;2.3;1;0.5;2.1;5;button mushrooms,white mushrooms,brown mushrooms,chestnut mushrooms;dried mushrooms
dried mushrooms;seasoning;;4;;;;c365;~sulphites;umami;1378;9.6;1;63.9;11.5;1.7;3.5;13;dried porcini,dried shiitake;mushrooms
sauerkraut;vegetable;142;;;;;c365 f60 of30 z180;~sulphites;acid;78;0.9;0.1;1.4;2.9;1.5;14.7;661;;
olives;vegetable;134;4;;;;c730 of14 z120;~sulphites;salt fat;481;0.8;10.7;3.1;3.2;3.3;0.9;735;black olives;
lemon;fruit;;58;53;;;c7 f28 z300;-;acid;146;1.1;0.3;2;2.8;0.6;53;2;lemons;lemon juice
lemon juice;acid;244;;;;;f4 of4 z120;~sulphites;acid;114;0.4;0.2;1.9;0.3;0.1;38.7;1;;vinegar
lime;fruit;;67;84;;;c7 f28 z300;-;acid;145;0.7;0.2;2.5;2.8;0.6;29.1;2;limes;lemon
orange;fruit;;131;73;;;c10 f21 z300;-;sweet acid;197;0.9;0.1;9.4;2.4;0.1;53.2;0;oranges;
apple;fruit;125;182;90;;;c14 r60 f60 z300;-;sweet;218;0.3;0.2;11.4;2.4;0.1;4.6;1;apples;
pear;fruit;140;178;90;;;c7 f21 z300;-;sweet;239;0.4;0.1;12.1;3.1;0.2;4.3;1;pears;
plum;fruit;165;66;94;;;c4 f10 z300;-;sweet acid;192;0.7;0.3;10;1.4;0.2;9.5;0;plums;prunes
banana;fruit;150;118;64;;;c5 z300;-;sweet binder;371;1.1;0.3;20.2;2.6;0.3;8.7;1;bananas;
avocado;fruit;150;201;74;;;c4 f3 z90;-;fat;670;2;14.7;1.8;6.7;0.6;10;7;;
blueberries;fruit;148;;98;;;f10 z300;-;sweet colour;239;0.7;0.3;12.1;2.4;0.3;9.7;1;bilberries;
raspberries;fruit;123;;96;;;f2 z300;-;sweet acid;190;1.2;0.7;5.4;6.5;0.7;26.2;1;;
raisins;fruit;145;;;;;c365 z300;sulphites;sweet;1384;3.1;0.5;75.5;3.7;1.9;2.3;11;sultanas;currants
dates;fruit;147;8;90;;;c180 z300;~sulphites;sweet binder;1180;2.5;0.4;67;8;1;0.4;2;dried dates;
dried apricots;fruit;130;4;;;;c180 z300;sulphites;sweet;1008;3.4;0.5;55.3;7.3;2.7;1;10;;
prunes;fruit;174;10;85;;;c180 z300;~sulphites;sweet;1004;2.2;0.4;56.8;7.1;0.9;0.6;2;;plum
dried cranberries;fruit;120;;;;;c180 z300;~sulphites;sweet acid;1404;0.2;1.1;77.5;5.3;0.4;0.2;5;;
frozen peas;vegetable;134;;;;;z240 f2;-;protein sweet;292;5.2;0.4;9;4.5;1.5;18;70;;green peas
frozen sweetcorn;vegetable;136;;;;;z240 f2;-;sweet;360;3;0.8;17;2.4;0.4;6.4;3;;sweetcorn
frozen spinach;vegetable;156;;;;;z240 f2;-;colour bulk;130;3.6;0.6;1.3;2.9;1.9;5.5;74;;spinach
frozen green beans;vegetable;121;;;;;z240 f2;-;bulk;131;1.8;0.2;4.9;2.6;0.9;9;3;;green beans
frozen broad beans;vegetable;150;;;;;z240 f2;-;protein;330;6.5;0.5;8;6;1.6;20;5;frozen fava beans;broad beans
frozen edamame;vegetable;155;;;;;z240 f2;soybeans;protein;503;11.2;4.7;7;4.8;2.1;9.7;6;;edamame
frozen berries;fruit;140;;;;;z300 f2;-;sweet acid;215;0.8;0.4;9.5;3.5;0.5;12;1;frozen mixed berries;blueberries
canned sweetcorn;vegetable;164;;;;;c1000 of3 oz60;-;sweet;300;2.3;1.2;12.3;2;0.3;2;200;tinned sweetcorn;sweetcorn
bean sprouts;vegetable;104;;;;;f3 z240;-;crisp;151;3;0.2;4.1;1.8;0.9;13.2;6;beansprouts,mung bean sprouts,mung sprouts;brussels sprouts,mung beans
runner beans;vegetable;110;;88;;;f5 z240;-;bulk;118;1.6;0.4;3.2;2.6;1.2;18;1;;green beans
green olives;vegetable;134;4;;;;c730 of14 z120;~sulphites;salt fat;610;1;15.3;0.5;3.3;0.5;0;1556;;olives
fresh thyme;seasoning;38;0.5;;;;f8 z180;-;aromatic;449;5.6;1.7;10.5;14;17.5;160;9;;thyme
fresh rosemary;seasoning;27;1;;;;f10 z180;-;aromatic;499;3.3;5.9;6.6;14.1;6.7;21.8;26;;rosemary
fresh sage;seasoning;30;0.5;;;;f6 z180;-;aromatic;377;3.9;2.3;10;7;6;20;5;sage leaves;sage
fresh oregano;seasoning;30;0.5;;;;f6 z180;-;aromatic;331;3.2;1.6;9;8;6;20;5;;oregano
`;
