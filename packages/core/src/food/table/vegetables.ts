/** Vegetables, leaves, mushrooms and fruit, raw. Columns as in readFoodTable.ts. */
export const VEGETABLES = `
onion;vegetable;160;110;90;;;c30 r60 z240;-;aromatic;166;1.1;0.1;7.6;1.7;0.2;7.4;4;onions,yellow onion,brown onion,white onion,sweet onion,spanish onion;spring onion,shallot
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
celery;vegetable;101;40;89;;;f14 z240;celery;aromatic;56;0.7;0.2;1.4;1.6;0.2;3.1;80;celery stalks,celery stick;celeriac
swede;vegetable;140;386;85;;;r28 f28 z240;-;bulk;155;1.1;0.2;6.3;2.3;0.4;25;12;rutabaga;turnip
turnip;vegetable;130;122;81;;;r14 f21 z240;-;bulk;117;0.9;0.1;4.6;1.8;0.3;21;67;turnips;swede
kohlrabi;vegetable;135;400;46;;;r10 f21 z240;-;bulk crisp;113;1.7;0.1;2.6;3.6;0.4;62;20;;turnip
beetroot;vegetable;136;82;67;;;r21 f28 z240;-;bulk colour sweet;180;1.6;0.2;6.8;2.8;0.8;4.9;78;beet,beets;
radish;vegetable;116;9;90;;;f10 z240;-;crisp;66;0.7;0.1;1.8;1.6;0.3;14.8;39;radishes;
potato;vegetable;150;213;75;;;c30 r60 z240;-;bulk thickener;322;2;0.1;15.3;2.2;0.8;19.7;6;potatoes,waxy potatoes,floury potatoes,new potato,spuds,spud;sweet potato
sweet potato;vegetable;133;130;72;;;c21 r30 z240;-;bulk sweet colour;360;1.6;0.1;17.1;3;0.6;2.4;55;sweet potatoes;potato
winter squash;vegetable;140;1200;71;;;c60 r60 z240;-;bulk sweet colour;188;1;0.1;9.7;2;0.7;21;4;butternut squash,butternut,squash,hokkaido,hokkaido squash,hokkaido pumpkin,red kuri squash,acorn squash,butternut pumpkin;pumpkin
pumpkin;vegetable;116;;70;;;c60 r60 z240;-;bulk colour;127;1;0.1;6;0.5;0.8;9;1;;winter squash
courgette;vegetable;124;196;95;;;f7 z240;-;bulk;71;1.2;0.3;2.1;1;0.4;17.9;8;zucchini,courgettes;cucumber
cucumber;vegetable;119;300;97;;;f7 z240;-;crisp;65;0.7;0.1;3.1;0.5;0.3;2.8;2;;courgette
aubergine;vegetable;82;458;81;;;f7 z240;-;bulk;104;1;0.2;2.9;3;0.2;2.2;2;eggplant,aubergines,brinjal;
tomato;vegetable;180;123;91;;;c5 f10 z240;-;acid colour;74;0.9;0.2;2.7;1.2;0.3;13.7;5;tomatoes,plum tomato,vine tomato,beef tomato,fresh tomato,toms,tom;tomato paste
cherry tomatoes;vegetable;149;17;99;;;c5 f10 z240;-;acid colour;74;0.9;0.2;2.7;1.2;0.3;13.7;5;cherry toms;
canned tomatoes;vegetable;240;;;;;c730 of4 oz90;-;acid colour;88;1;0.2;3.4;1;0.6;12;130;tinned tomatoes,chopped tomatoes,crushed tomatoes,canned plum tomatoes,canned whole tomatoes,canned chopped tomatoes,canned cherry tomatoes,diced tomatoes,tinned chopped tomatoes,tinned plum tomatoes,tinned cherry tomatoes,chopped toms,tinned toms;
tomato paste;vegetable;262;;;;;c730 of10 oz120;-;acid colour;376;4.3;0.5;14.8;4.1;3;21.9;59;tomato puree,tomato concentrate,tomato concentrate paste,double concentrate;canned tomatoes
red pepper;vegetable;149;119;82;;;f10 z240;-;colour sweet;111;1;0.3;3.9;2.1;0.4;127.7;4;red bell pepper,bell pepper,sweet pepper,yellow pepper,orange pepper,romano pepper,pointed pepper,capsicum,red capsicum;chilli,black pepper
green pepper;vegetable;149;119;82;;;f10 z240;-;colour;84;0.9;0.2;2.9;1.7;0.3;80.4;3;green bell pepper,green capsicum;
poblano;vegetable;;65;85;;;f10 z180;-;colour heat;;;;;;;;;poblano pepper,poblano chile,poblano chili;
tomatillos;vegetable;132;34;95;;;f14 z180;-;acid;134;1;1;3.9;1.9;0.6;11.7;1;fresh tomatillos;
chilli;vegetable;;15;90;;;f10 z180;-;heat;183;1.9;0.4;7.3;1.5;1;143.7;9;fresh chilli,chillies,chilies,hot pepper,red chilli,green chilli,birds eye chilli,chili pepper,fresh chili,fresh jalapeno,scotch bonnet,habanero,green chili,red chili,green chile,red chile,serrano,serrano chile,serrano chili;chilli flakes,jalapeno
cauliflower;vegetable;107;588;39;;;f7 z240;-;bulk;104;1.9;0.3;3;2;0.4;48.2;30;romanesco,cauliflower florets,cauli;
broccoli;vegetable;91;608;61;;;f5 z240;-;bulk;141;2.8;0.4;4;2.6;0.7;89.2;33;sprouting broccoli,broccoli florets;
cabbage;vegetable;89;908;80;;;r30 f30 z240;-;bulk crisp;103;1.3;0.1;3.3;2.5;0.5;36.6;18;white cabbage,green cabbage;
red cabbage;vegetable;89;839;80;;;r30 f30 z240;-;bulk colour crisp;130;1.4;0.2;5.3;2.1;0.8;57;27;;cabbage
savoy cabbage;leaf;70;800;80;;;r14 f21 z240;-;bulk;113;2;0.1;3;3.1;0.4;31;28;savoy;cabbage
brussels sprouts;vegetable;88;19;90;;;f10 z240;-;bulk;179;3.4;0.3;5.2;3.8;1.4;85;25;sprouts;
kale;leaf;67;;72;;;r3 f6 z240;-;colour bulk;147;2.9;1.5;0.3;4.1;1.6;93.4;53;curly kale,tuscan kale,lacinato kale,cavolo nero,black kale,red kale;cabbage,greens
chard;leaf;36;;92;;;f4 z240;-;colour bulk;79;1.8;0.2;2.1;1.6;1.8;30;213;swiss chard;spinach,greens
spinach;leaf;30;340;72;;;f4 z240;-;colour bulk;106;2.9;0.4;1.4;2.2;2.7;28.1;79;baby spinach,leaf spinach;chard
rocket;leaf;20;;100;;;f4 z240;-;crisp;119;2.6;0.7;2.1;1.6;1.5;15;27;arugula;
lettuce;leaf;36;360;74;;;f5 z240;-;crisp;63;1.4;0.2;1.6;1.3;0.9;9.2;28;romaine,romaine lettuce,iceberg,iceberg lettuce,cos lettuce,little gem lettuce,little gem;
nettles;leaf;25;;80;;;f2 z240;-;colour;115;2.7;0.1;0.6;6.9;1.6;;4;;
green beans;vegetable;100;;88;;;f6 z240;-;bulk;131;1.8;0.2;4.3;2.7;1;12.2;6;french beans;broad beans
green peas;vegetable;145;;38;;;f4 z240;-;protein sweet;302;5.4;0.4;8.8;5.7;1.5;40;5;peas,garden peas,peas in the pod;split peas,frozen peas
edamame;vegetable;155;;53;;;f3 z240;soybeans;protein;506;11.9;5.2;3.7;5.2;2.3;6.1;6;;soya beans
sweetcorn;vegetable;154;102;36;;;f3 z240;-;sweet;408;3.3;1.4;16.7;2;0.5;6.8;15;corn,corn kernels,corn on the cob,corn cob,ear of corn,fresh corn;cornflour
fennel;vegetable;87;234;72;;;f10 z240;-;aromatic;130;1.2;0.2;4.2;3.1;0.7;12;52;fennel bulb;fennel seeds
asparagus;vegetable;134;16;53;;;f4 z240;-;;85;2.2;0.1;1.8;2.1;2.1;5.6;2;;
mushrooms;vegetable;70;18;97;;;f6 z240;-;umami bulk;111;3.1;0.3;2.3;1;0.5;2.1;5;button mushrooms,white mushrooms,brown mushrooms,chestnut mushrooms,cremini mushrooms,crimini mushrooms,cremini;dried mushrooms
dried mushrooms;seasoning;;4;;;;c365;~sulphites;umami;1378;9.6;1;63.9;11.5;1.7;3.5;13;dried porcini,dried shiitake,dried porcini mushrooms,dried shiitake mushrooms,porcini,ceps,dried ceps;mushrooms
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
blueberries;fruit;148;;98;;;f10 z300;-;sweet colour;239;0.7;0.3;12.1;2.4;0.3;9.7;1;bilberries;berries
raspberries;fruit;123;;96;;;f2 z300;-;sweet acid;190;1.2;0.7;5.4;6.5;0.7;26.2;1;;berries
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
frozen berries;fruit;140;;;;;z300 f2;-;sweet acid;215;0.8;0.4;9.5;3.5;0.5;12;1;frozen mixed berries;blueberries,berries
canned sweetcorn;vegetable;164;;;;;c1000 of3 oz60;-;sweet;300;2.3;1.2;12.3;2;0.3;2;200;tinned sweetcorn;sweetcorn
bean sprouts;vegetable;104;;;;;f3 z240;-;crisp;151;3;0.2;4.1;1.8;0.9;13.2;6;beansprouts,mung bean sprouts,mung sprouts,beanshoots;brussels sprouts,mung beans
runner beans;vegetable;110;;88;;;f5 z240;-;bulk;118;1.6;0.4;3.2;2.6;1.2;18;1;;green beans
green olives;vegetable;134;4;;;;c730 of14 z120;~sulphites;salt fat;610;1;15.3;0.5;3.3;0.5;0;1556;;olives
fresh thyme;seasoning;38;0.5;;;;f8 z180;-;aromatic;449;5.6;1.7;10.5;14;17.5;160;9;;thyme
fresh rosemary;seasoning;27;1;;;;f10 z180;-;aromatic;499;3.3;5.9;6.6;14.1;6.7;21.8;26;;rosemary
fresh sage;seasoning;30;0.5;;;;f6 z180;-;aromatic;377;3.9;2.3;10;7;6;20;5;sage leaves;sage
fresh oregano;seasoning;30;0.5;;;;f6 z180;-;aromatic;331;3.2;1.6;9;8;6;20;5;;oregano
globe artichoke;vegetable;;128;40;;;f7 z240;-;bulk;197;3.3;0.2;5.1;5.4;1.3;11.7;94;artichoke,artichokes;jerusalem artichoke
jerusalem artichoke;vegetable;150;75;69;;;r14 f14 z240;-;bulk sweet;305;2;0;15.8;1.6;3.4;4;4;jerusalem artichokes,topinambur,sunchokes;globe artichoke
salsify;vegetable;133;80;75;;;r14 f14 z240;-;bulk;343;3.3;0.2;15.3;3.3;0.7;8;20;black salsify,scorzonera;
okra;vegetable;100;12;86;;;f3 z240;-;thickener bulk;138;1.9;0.2;4.3;3.2;0.6;23;7;lady's fingers,ladies fingers;
pak choi;leaf;70;250;88;;;f5 z240;-;bulk;54;1.5;0.2;1.2;1;0.8;45;65;bok choy,pak choy;chinese cabbage
chinese cabbage;leaf;76;840;93;;;f14 z240;-;bulk crisp;67;1.2;0.2;2;1.2;0.3;27;9;napa cabbage,chinese leaves;cabbage,pak choi
pointed cabbage;vegetable;80;700;80;;;f14 z240;-;bulk;103;1.3;0.1;3.3;2.5;0.5;36.6;18;sweetheart cabbage,spring cabbage,hispi cabbage;cabbage
spring greens;leaf;36;;60;;;f5 z240;-;colour bulk;134;3;0.6;1.4;4;0.5;35;17;collard greens,collards;kale,greens
watercress;leaf;34;;92;;;f3 z90;-;crisp;60;2.3;0.1;0.8;0.5;0.2;43;41;cress;
lamb's lettuce;leaf;56;;95;;;f4 z90;-;crisp;88;2;0.4;2;1.6;2.2;38;4;corn salad,mâche;lettuce
chicory;leaf;90;53;89;;;f10 z90;-;crisp;59;0.9;0.1;0.9;3.1;0.2;2.8;2;belgian endive,endive;
radicchio;leaf;40;200;88;;;f10 z90;-;crisp colour;96;1.4;0.3;3.6;0.9;0.6;8;22;;red cabbage
sorrel;leaf;133;;70;;;f3 z180;-;acid;92;2;0.7;0.3;2.9;2.4;48;4;;spinach
beet greens;leaf;38;;67;;;f3 z240;-;colour bulk;81;2.2;0.1;0.6;3.7;2.6;30;226;beetroot leaves;chard
mixed salad leaves;leaf;30;;95;;;f4 z90;-;crisp;71;1.5;0.2;1.5;1.5;1;15;25;salad leaves,salad,mixed leaves;lettuce
mangetout;vegetable;98;3;94;;;f4 z240;-;crisp sweet;176;2.8;0.2;5;2.6;2.1;60;4;snow peas,sugar snap peas,sugar snaps,mange tout,snow pea;green peas
daikon;vegetable;116;338;79;;;f14 z240;-;crisp bulk;75;0.6;0.1;2.5;1.6;0.4;22;21;mooli,white radish;radish
fresh horseradish;vegetable;;;73;;;f60 z180;~sulphites;heat;339;2.7;0.6;13.5;4;1.4;80;10;horseradish,horseradish root;
spaghetti squash;vegetable;101;;71;;;c60 r60 z240;-;bulk;130;0.6;0.6;5.4;1.5;0.3;2.1;17;;winter squash
plantain;vegetable;148;179;65;;;c7 z240;-;bulk;510;1.3;0.4;29.6;2.3;0.6;18.4;4;plantains;banana
cassava;vegetable;206;;84;;;r4 z240;-;bulk;669;1.4;0.3;36.3;1.8;0.3;20.6;14;manioc,yuca;tapioca starch
shiitake;vegetable;87;19;85;;;f6 z240;-;umami;142;2.2;0.5;4.3;2.5;0.4;0;9;shiitake mushrooms,fresh shiitake;dried mushrooms
oyster mushrooms;vegetable;86;15;90;;;f4 z240;-;umami bulk;154;3.3;0.4;3.8;2.3;1.3;0;18;oyster mushroom,king oyster mushrooms;mushrooms
portobello mushrooms;vegetable;86;84;97;;;f6 z240;-;umami bulk;105;2.1;0.4;2.6;1.3;0.3;0;9;portobello,flat mushrooms;mushrooms
chanterelles;vegetable;54;5;90;;;f3 z180;-;umami;134;1.5;0.5;3;3.8;3.5;0;9;girolles;mushrooms
fresh turmeric;vegetable;;;90;;;f21 z240;-;colour aromatic;;;;;;;;;turmeric root;turmeric
lemongrass;seasoning;67;20;65;;;f14 z240;-;aromatic;479;1.8;0.5;25.3;0;8.2;2.6;6;lemon grass;
galangal;vegetable;;;85;;;f21 z240;-;aromatic;;;;;;;;;;ginger
wild garlic;leaf;30;;95;;;f3 z120;-;aromatic colour;;;;;;;;;ramsons,bear's garlic;garlic
frozen mixed vegetables;vegetable;140;;;;;z240 f2;~celery;bulk;268;3.3;0.5;9.5;4;1;10.4;47;frozen vegetables,mixed vegetables,mixed veg,frozen veg;
frozen broccoli;vegetable;156;;;;;z240 f2;-;bulk;109;2.8;0.3;1.8;3;0.8;56;24;;broccoli
frozen cauliflower;vegetable;132;;;;;z240 f2;-;bulk;100;2;0.3;2.4;2.3;0.5;49;24;;cauliflower
frozen kale;leaf;130;;;;;z240 f2;-;colour bulk;130;2.7;0.5;2.9;2;0.9;25;15;;kale
frozen peppers;vegetable;130;;;;;z240 f2;-;colour;84;1.1;0.2;2.8;1.6;0.5;59;5;frozen red peppers,frozen bell peppers;red pepper
frozen brussels sprouts;vegetable;155;19;;;;z240 f2;-;bulk;172;3.8;0.4;4.1;3.8;0.9;74;10;;brussels sprouts
frozen mango;fruit;150;;;;;z300 f2;-;sweet;251;0.8;0.4;13.4;1.6;0.2;36;1;;mango
frozen raspberries;fruit;140;;;;;z300 f2;-;sweet acid;190;1.2;0.7;5.4;6.5;0.7;26;1;;raspberries
strawberries;fruit;152;12;94;;;f3 z300;-;sweet acid;134;0.7;0.3;5.7;2;0.4;59;1;;
blackberries;fruit;144;3;96;;;f3 z300;-;sweet acid colour;158;1.4;0.5;4.3;5.3;0.6;21;1;brambles;
cherries;fruit;138;8;90;;;f6 z300;-;sweet;264;1.1;0.2;13.9;2.1;0.4;7;0;sweet cherries,sour cherries;
grapes;fruit;151;5;96;;;f10 z300;~sulphites;sweet;319;0.7;0.2;17.2;0.9;0.4;3;2;;raisins
peach;fruit;154;150;96;;;c3 f7 z300;-;sweet;163;0.9;0.3;8;1.5;0.3;7;0;peaches,nectarine,nectarines;
apricot;fruit;155;35;93;;;c3 f7 z300;-;sweet acid;201;1.4;0.4;9.1;2;0.4;10;1;fresh apricots,apricots;dried apricots
mango;fruit;165;336;69;;;c4 f7 z300;-;sweet;251;0.8;0.4;13.4;1.6;0.2;36;1;mangoes,mangos;
pineapple;fruit;165;905;51;;;c4 f6 z300;-;sweet acid;209;0.5;0.1;11.7;1.4;0.3;48;1;fresh pineapple;
kiwi;fruit;180;69;86;;;c7 f28 z300;-;acid sweet;255;1.1;0.5;11.7;3;0.3;93;3;kiwi fruit,kiwis;
melon;fruit;160;550;51;;;c5 f5 z300;-;sweet;142;0.8;0.2;7.3;0.9;0.2;37;16;honeydew,cantaloupe;watermelon
watermelon;fruit;152;;52;;;c7 f5 z300;-;sweet;143;0.6;0.2;7.2;0.4;0.2;8;1;;melon
grapefruit;fruit;230;246;50;;;c10 f21 z300;-;acid sweet;176;0.8;0.1;9.1;1.6;0.1;31;0;;orange
mandarin;fruit;195;88;74;;;c10 f21 z300;-;sweet acid;222;0.8;0.3;11.5;1.8;0.2;27;2;mandarins,tangerine,tangerines,clementine,clementines,satsuma,satsumas;orange
pomegranate;fruit;174;282;56;;;c10 f30 z300;-;acid sweet crisp;347;1.7;1.2;14.7;4;0.3;10;3;pomegranate seeds;
fresh figs;fruit;;50;99;;;f4 z300;-;sweet;310;0.8;0.3;16.3;2.9;0.4;2;1;figs;dried figs
redcurrants;fruit;112;;98;;;f6 z300;-;acid colour;234;1.4;0.2;9.5;4.3;1;41;1;red currants;currants
blackcurrants;fruit;112;;98;;;f6 z300;-;acid colour;264;1.4;0.4;10.6;4.8;1.5;181;2;black currants;currants
gooseberries;fruit;150;;100;;;f7 z300;-;acid;184;0.9;0.6;5.9;4.3;0.3;28;1;;
rhubarb;vegetable;122;51;75;;;f7 z300;-;acid;88;0.9;0.2;2.7;1.8;0.2;8;4;;
fresh cranberries;fruit;100;;98;;;f21 z300;-;acid;192;0.5;0.1;8.4;3.6;0.2;14;2;cranberries;dried cranberries
quince;fruit;;92;61;;;r21 f30 z300;-;sweet aromatic;238;0.4;0.1;13.4;1.9;0.7;15;4;quinces;
passion fruit;fruit;236;18;52;;;c5 f10 z300;-;acid;406;2.2;0.7;13;10.4;1.6;30;28;passionfruit;
papaya;fruit;145;300;62;;;c4 f5 z300;-;sweet;180;0.5;0.3;9.1;1.7;0.3;61;8;;
currants;fruit;144;;;;;c365 z300;~sulphites;sweet;1184;4.1;0.3;67.3;6.8;3.3;5;8;dried currants,zante currants;raisins,redcurrants
dried figs;fruit;149;8;;;;c180 z300;~sulphites;sweet binder;1042;3.3;0.9;54.1;9.8;2;1.2;10;;fresh figs
dried apple;fruit;86;6;;;;c180 z300;sulphites;sweet;1017;0.9;0.3;57.2;8.7;1.4;4;87;dried apples,apple rings;apple
dried mango;fruit;120;;;;;c180 z300;~sulphites;sweet;1335;2.5;1.2;76;2.4;0.2;42;160;;mango
`;
