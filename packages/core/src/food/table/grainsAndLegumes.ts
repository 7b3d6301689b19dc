/** Grains, pasta, flours and legumes, dry. Columns as in readFoodTable.ts. */
export const GRAINS_AND_LEGUMES = `
white rice;grain;185;;;1.8;158;c365 z730;-;bulk;1527;7.1;0.7;78.6;1.3;0.8;0;5;long grain rice,rice,basmati rice,basmati,jasmine rice,white basmati rice;rice flakes,wild rice
brown rice;grain;185;;;1.97;202;c180 f365 z365;-;bulk;1536;7.5;2.7;72.7;3.5;1.5;0;7;wholegrain rice,brown basmati rice,wholemeal rice;rice flakes
short grain rice;grain;200;;;1.8;186;c365 z730;-;bulk;1498;6.5;0.5;76.3;2.8;0.8;0;1;risotto rice,round rice,arborio rice,arborio,carnaroli rice,sushi rice,pudding rice,paella rice;
wild rice;grain;160;;;2.53;164;c365 z730;-;bulk;1494;14.7;1.1;68.7;6.2;2;0;7;;brown rice
millet;grain;200;;;2.19;174;c365 z730;-;bulk;1582;11;4.2;64.4;8.5;3;0;5;;pearl millet,sorghum
pearl barley;grain;200;;;1.88;157;c365 z730;gluten;bulk;1473;9.9;1.2;62.1;15.6;2.5;0;9;barley;
pearled farro;grain;190;;;1.6;180;c365 z730;gluten;bulk;1420;12.7;2.5;63;8;3;0;5;farro,emmer;spelt,freekeh
spelt berries;grain;180;;;1.66;190;c365 z730;gluten;bulk;1414;14.6;2.4;59.5;10.7;4.4;0;8;spelt;farro
rye berries;grain;170;;;1.6;180;c365 z730;gluten;bulk;1414;10.3;1.6;60.8;15.1;2.6;0;2;rye;
freekeh;grain;160;;;1.8;170;c365 z730;gluten;bulk;1470;14;2.7;60;13;4;0;6;green wheat;bulgur
bulgur;grain;140;;;3.09;182;c365 z730;gluten;bulk;1431;12.3;1.3;63.4;12.5;2.5;0;17;cracked wheat;freekeh,couscous
couscous;grain;173;;;2.33;157;c365 z730;gluten;bulk;1573;12.8;0.6;72.4;5;1.1;0;10;;bulgur
quinoa;grain;170;;;2.05;185;c365 z730;-;bulk protein;1539;14.1;6.1;57.2;7;4.6;0;5;;amaranth
amaranth;grain;193;;;2.58;246;c365 z730;-;bulk;1554;13.6;7;58.6;6.7;7.6;4.2;4;amaranth seed;quinoa
buckwheat groats;grain;164;;;2.76;168;c365 z730;-;bulk;1448;11.7;2.7;64.7;10.3;2.5;0;11;kasha,buckwheat;buckwheat flour
teff;grain;193;;;2.63;252;c365 z730;-;bulk;1536;13.3;2.4;65.1;8;7.6;0;12;;
sorghum;grain;192;;;2.1;190;c365 z730;-;bulk;1377;10.6;3.5;65.4;6.7;3.4;0;2;;millet
polenta;grain;157;;;4;240;c365 z730;-;bulk thickener;1515;8.1;3.6;69.6;7.3;3.5;0;35;cornmeal,maize meal;cornflour
rolled oats;grain;81;;;4;234;c365 z730;gluten;bulk binder;1586;13.2;6.5;57.6;10.1;4.3;0;6;oats,porridge oats,jumbo oats,quick oats,instant oats,oat flakes;cut oats
cut oats;grain;176;;;3.6;234;c365 z730;gluten;bulk;1586;13.2;6.5;57.6;10.1;4.3;0;6;steel cut oats,pinhead oats;rolled oats
wheat pasta;grain;100;;;1.38;140;c730 z730;gluten ~eggs ~soybeans ~mustard;bulk;1552;13;1.5;71.5;3.2;1.3;0;6;pasta,spaghetti,penne,macaroni,pasta shells,fusilli,rigatoni,farfalle,tagliatelle,linguine,conchiglie,rotini;rice noodles
wholewheat pasta;grain;100;;;1.4;140;c730 z730;gluten ~eggs ~soybeans ~mustard;bulk;1473;13.9;2.9;64.2;9.2;3.6;0;6;wholewheat penne,wholewheat spaghetti,wholemeal pasta,wholemeal spaghetti,wholegrain pasta,wholemeal penne;
rice noodles;grain;;;;2.37;176;c730 z730;-;bulk;1523;6;0.6;78.6;1.6;0.7;0;182;;glass noodles
wheat flour;grain;125;;;;;c365 z730;gluten;thickener binder;1523;10.3;1;73.6;2.7;1.2;0;2;plain flour,white flour,flour,strong white flour,bread flour,all-purpose flour,strong flour,white bread flour;cornflour
wholewheat flour;grain;120;;;;;c120 f180 z365;gluten;thickener binder;1423;13.2;2.5;61.3;10.7;3.6;0;2;wholemeal flour,wholegrain flour,whole wheat flour;
rye flour;grain;102;;;;;c180 z730;gluten;binder;1456;9.8;1.3;65.1;11.8;2.1;0;2;;
buckwheat flour;grain;120;;;;;c120 z730;~gluten;binder;1402;12.6;3.1;60.6;10;4.1;0;11;;buckwheat groats
chickpea flour;legume;92;;;;;c180 z730;~gluten;binder protein;1619;22.4;6.7;47;10.8;4.9;0;64;gram flour,besan;
cornflour;grain;128;;;;;c730 z730;-;thickener;1594;0.3;0.1;90.4;0.9;0.5;0;9;cornstarch,starch,corn starch;polenta,wheat flour
potato starch;grain;160;;;;;c730 z730;-;thickener;1494;0.5;0.1;83;0.3;1;0;9;;potato flour
breadcrumbs;grain;108;;;;;c120 z90;gluten ~eggs ~milk ~soybeans ~sesame;binder crisp;1653;13.4;5.3;67.5;4.5;4.8;0;732;dry breadcrumbs;
vital wheat gluten;grain;120;;;;;c365 z730;gluten;protein binder;1548;75.2;1.9;13.2;0.6;5.2;0;29;gluten flour;
wholemeal bread;grain;;32;;;;c4 z60;gluten ~eggs ~milk ~soybeans ~nuts ~sesame;bulk;1054;12.5;3.5;36.7;6;2.5;0;450;bread;
flatbread;grain;;60;;;;c5 z60;gluten ~milk ~sesame;bulk;1151;9.1;1.2;53.5;2.2;1.4;0;536;pita,pitta,naan;
chickpeas;legume;200;;;1.32;164;c730 z730;-;protein bulk;1582;20.5;6;50.8;12.2;4.3;4;24;garbanzo,gram,garbanzo beans,chick peas;split chickpeas
split chickpeas;legume;195;;;1.5;170;c730 z730;-;protein;1557;21;5.3;48;15;5;0;35;chana dal;split peas
kidney beans;legume;184;;;1.67;177;c730 z730;-;protein bulk;1329;22.5;1.1;46.1;15.2;6.7;4.5;24;red kidney beans,red beans;adzuki beans
white kidney beans;legume;184;;;1.4;179;c730 z730;-;protein bulk;1393;23.4;0.9;45.1;15.2;10.4;0;16;cannellini;navy beans
borlotti beans;legume;195;;;1.48;177;c730 z730;-;protein bulk;1235;23;1.2;35.4;24.7;5;0;6;borlotti,cranberry beans;pinto beans
pinto beans;legume;193;;;1.39;171;c730 z730;-;protein bulk;1333;21.4;1.2;47.1;15.5;5.1;6.3;12;;borlotti beans
black beans;legume;194;;;1.6;172;c730 z730;-;protein bulk colour;1427;21.6;1.4;46.9;15.5;5;0;5;turtle beans;black-eyed peas
navy beans;legume;208;;;1.43;182;c730 z730;-;protein bulk;1410;22.3;1.5;45.5;15.3;5.5;0;5;haricot beans,haricots,white beans;
butter beans;legume;178;;;1.97;188;c730 z730;-;protein bulk;1298;21.5;0.7;44.4;19;7.5;0;18;lima beans;
flageolet beans;legume;190;;;1.5;177;c730 z730;-;protein bulk;1390;22.5;1.3;47;16;6;2;12;flageolets;navy beans
great northern beans;legume;183;;;1.88;177;c730 z730;-;protein bulk;1298;21.9;1.1;42.2;20.2;5.5;5.3;14;;navy beans
black-eyed peas;legume;167;;;1.94;172;c730 z730;-;protein bulk;1406;23.5;1.3;49.4;10.6;8.3;1.5;16;black eyed beans,cowpeas;black beans
adzuki beans;legume;197;;;1.57;230;c730 z730;-;protein;1377;19.9;0.5;50.2;12.7;5;0;5;;kidney beans
mung beans;legume;207;;;2.33;202;c730 z730;-;protein;1452;23.9;1.2;46.3;16.3;6.7;4.8;15;;split mung beans
lentils;legume;192;;;2.02;198;c730 z730;-;protein bulk;1473;24.6;1.1;52.7;10.7;6.5;4.5;6;brown lentils,green lentils,brown lentil,green lentil;red lentils
red lentils;legume;192;;;2;200;c730 z730;-;protein thickener;1498;23.9;2.2;52.3;10.8;7.4;1.7;7;split red lentils,red split lentils,masoor,masoor dal;lentils
split peas;legume;197;;;1.99;196;c730 z730;-;protein thickener;1276;23.8;1.2;38.2;22.2;4.7;1.8;5;green split peas,yellow split peas,split green peas,split yellow peas;green peas
broad beans;legume;150;;;2.12;170;c730 z730;-;protein;1265;26.1;1.5;33.3;25;6.7;1.4;13;fava beans,dry broad beans;
soya beans;legume;186;;;1.44;172;c730 z730;soybeans;protein;1866;36.5;19.9;20.9;9.3;15.7;6;2;soybeans;edamame
lupin beans;legume;180;;;2.1;166;c730 z730;lupin;protein;1552;36.2;9.7;21.5;18.9;4.4;4.8;15;;
soya mince;legume;85;;;2.3;;c365 z730;soybeans ~gluten;protein;1381;51.5;1.2;15;17.5;9.2;0;20;textured soya,soya granules,tvp,soy mince,textured vegetable protein;
canned chickpeas;legume;160;;;;164;c1000 of3 oz60;~sulphites;protein bulk;575;7;2.6;17;6.4;1.1;0.1;212;tinned chickpeas;
canned black-eyed peas;legume;165;;;;172;c1000 of3 oz60;~sulphites;protein bulk;425;6.6;0.6;14;6;1.3;0.3;230;tinned black-eyed peas;
canned lentils;legume;180;;;;198;c1000 of3 oz60;-;protein bulk;440;7.6;0.5;14.5;6;2;0.2;220;tinned lentils;
canned borlotti;legume;170;;;;177;c1000 of3 oz60;~sulphites;protein bulk;470;7.3;0.5;15.3;6.5;1.7;0.2;230;tinned borlotti;
canned kidney beans;legume;170;;;;177;c1000 of3 oz60;~sulphites;protein bulk;500;8;0.9;15.5;6.4;1.5;0.2;230;tinned kidney beans;
tofu;legume;;;;;;f14 of4 z90;soybeans;protein;603;17.3;8.7;0.5;2.3;2.7;0.2;14;firm tofu,bean curd,extra-firm tofu,extra firm tofu,plain tofu,natural tofu;silken tofu
silken tofu;legume;;;;;;c270 f21 of3 z60;soybeans;protein binder;230;4.8;2.7;2.4;0.1;0.8;0;5;soft tofu;tofu
tempeh;legume;;;;;;f14 of5 z90;soybeans ~gluten;protein;803;20.3;10.8;7.6;;2.7;0;9;;
rice flour;grain;158;;;;;c365 z730;~gluten;thickener binder;1531;6;1.4;77.7;2.4;0.4;0;0;;wheat flour
spelt flour;grain;110;;;;;c180 z365;gluten;thickener binder;1435;14.6;2.4;59.5;10.7;4.4;0;8;wholemeal spelt flour;wheat flour
soya flour;legume;84;;;;;c180 z365;soybeans ~gluten;protein thickener;1865;37.8;20.7;22.3;9.6;6.4;0;13;soy flour;wheat flour
lupin flour;legume;100;;;;;c180 z365;lupin ~gluten ~soybeans;protein binder;1463;38;9;12;35;4;0;15;;wheat flour
canned black beans;legume;172;;;;172;c1000 of3 oz60;~sulphites;protein bulk;480;7;0.5;14.5;7.5;1.9;0.2;230;tinned black beans;
canned pinto beans;legume;171;;;;171;c1000 of3 oz60;~sulphites;protein bulk;455;7;0.6;13.8;6.5;1.7;0.2;230;tinned pinto beans;
canned white kidney beans;legume;179;;;;179;c1000 of3 oz60;~sulphites;protein bulk;455;7.3;0.4;14;6;2.4;0;230;tinned cannellini,canned cannellini,tinned white kidney beans;
canned navy beans;legume;182;;;;182;c1000 of3 oz60;~sulphites;protein bulk;470;7.2;0.5;14.6;6.5;1.9;0.3;230;tinned haricot beans,canned haricot beans,canned white beans;
canned butter beans;legume;188;;;;188;c1000 of3 oz60;~sulphites;protein bulk;445;6.8;0.4;14;6;2.2;0;230;tinned butter beans,canned lima beans;
canned adzuki beans;legume;190;;;;190;c1000 of3 oz60;-;protein bulk;490;7.3;0.2;17;6.5;2;0;210;tinned adzuki beans;
canned mung beans;legume;195;;;;195;c1000 of3 oz60;-;protein bulk;400;7;0.4;12.5;6.5;1.4;0.5;210;tinned mung beans;
canned soya beans;legume;172;;;;172;c1000 of3 oz60;soybeans;protein bulk;640;14;7.5;4;6;3.5;0.5;200;tinned soya beans;
canned broad beans;legume;175;;;;175;c1000 of3 oz60;~sulphites;protein bulk;400;7;0.5;11.5;6;1.3;0.5;250;tinned broad beans,canned fava beans;
canned split peas;legume;196;;;;196;c1000 of3 oz60;-;protein bulk;460;7.9;0.4;13.5;7.5;1.2;0.3;210;tinned split peas;
canned mixed beans;legume;175;;;;175;c1000 of3 oz60;~soybeans ~sulphites;protein bulk;460;7;0.6;14;6.5;1.8;0.2;230;tinned mixed beans,mixed bean salad;mixed beans,beans
mixed beans;legume;190;;;1.5;175;c730 z730;~gluten ~soybeans;protein bulk;1405;22;1.2;43;18;6;2;15;bean mix,soup mix;canned mixed beans,beans
smoked tofu;legume;;;;;;f21 of5 z90;soybeans;protein umami;640;17.5;9;1;1.5;2.7;0;550;;tofu
red rice;grain;185;;;1.7;190;c365 z365;-;bulk colour;1485;7.3;2.5;73;4;1.5;0;5;red wholegrain rice;
black rice;grain;185;;;1.7;190;c365 z365;-;bulk colour;1460;8.9;3.3;69;4.9;2.4;0;5;forbidden rice;
oat groats;grain;180;;;2;200;c365 z365;gluten;bulk;1586;13.2;6.5;57.6;10.1;4.3;0;6;whole oats,naked oats;rolled oats
wheat berries;grain;192;;;1.66;190;c365 z730;gluten;bulk;1418;13.7;2.5;58.9;12.2;3.5;0;2;whole wheat,wheat grains;spelt berries
khorasan wheat;grain;186;;;1.7;185;c365 z730;gluten;bulk;1410;14.5;2.1;59.5;11.1;3.8;0;5;khorasan;wheat berries
barley flakes;grain;100;;;3;;c365 z730;gluten;bulk binder;1481;12.5;2.3;56.2;17.3;3.6;0;12;;pearl barley
millet flakes;grain;100;;;3;;c180 z365;-;bulk binder;1582;11;4.2;64.4;8.5;3;0;5;;millet
puffed rice;grain;14;;;;;c180 z365;-;crisp;1682;6.3;0.5;88.1;1.7;1;0;3;rice puffs;white rice
giant couscous;grain;170;;;1.7;160;c365 z730;gluten;bulk;1573;12.8;0.6;72.4;5;1.1;0;10;pearl couscous,israeli couscous;couscous
oat bran;grain;94;;;4;;c180 z365;gluten;bulk binder;1540;17.3;7;50.8;15.4;5.4;0;4;;wheat bran
wheat bran;grain;58;;;;;c180 z365;gluten;bulk;1155;15.6;4.3;21.7;42.8;10.6;0;2;bran;oat bran
wheat germ;grain;115;;;;;f60 z180;gluten;protein;1552;23.2;9.7;38.6;13.2;6.3;0;12;wheatgerm;
semolina;grain;167;;;4;240;c365 z730;gluten;bulk thickener;1506;12.7;1.1;69;3.9;1.2;0;1;wheat semolina,durum semolina;polenta
maize flour;grain;116;;;;;c365 z730;-;binder thickener;1510;6.9;3.9;69.6;7.3;2.4;0;5;corn flour,masa harina;cornflour
oat flour;grain;104;;;;;c180 z365;gluten;binder thickener;1628;14.7;9.1;59.2;6.5;4;0;19;;rolled oats
tapioca starch;grain;120;;;;;c730 z730;-;thickener;1498;0.2;0;87.8;0.9;1.6;0;1;tapioca flour,cassava starch;tapioca pearls
tapioca pearls;grain;152;;;3;;c730 z730;-;thickener;1498;0.2;0;87.8;0.9;1.6;0;1;tapioca,sago;tapioca starch
arrowroot;grain;128;;;;;c730 z730;-;thickener;1494;0.3;0.1;84.7;3.4;0.3;0;2;arrowroot powder,arrowroot starch;cornflour
popping corn;grain;195;;;;;c365 z365;-;crisp;1515;9;4.5;63;13;2.5;0;5;popcorn kernels,popcorn;sweetcorn
wheat noodles;grain;;;;1.4;;c730 z730;gluten ~eggs;bulk;1456;11;1.2;70;3;1.5;0;600;udon,ramen noodles,noodles;rice noodles
soba noodles;grain;;;;1.6;114;c730 z730;gluten;bulk;1406;14.4;0.7;71;3;2.7;0;792;soba,buckwheat noodles;wheat noodles
glass noodles;grain;140;;;2;190;c730 z730;-;bulk;1469;0.2;0.1;85.6;0.5;2.2;0;10;cellophane noodles,bean thread noodles,mung bean noodles;rice noodles
lasagne sheets;grain;;18;;1.4;;c730 z730;gluten ~eggs;bulk;1552;13;1.5;71.5;3.2;1.3;0;6;lasagna sheets,lasagna noodles;wheat pasta
small soup pasta;grain;150;;;1.4;150;c730 z730;gluten ~eggs;bulk;1552;13;1.5;71.5;3.2;1.3;0;6;orzo,soup pasta;wheat pasta
black lentils;legume;192;;;1.7;190;c730 z730;-;protein bulk;1473;24.6;1.1;52.7;10.7;6.5;4.5;6;beluga lentils;lentils
green speckled lentils;legume;192;;;1.8;195;c730 z730;-;protein bulk;1473;24.6;1.1;52.7;10.7;6.5;4.5;6;puy lentils,french green lentils;lentils
split mung beans;legume;200;;;2.2;200;c730 z730;-;protein thickener;1452;23.9;1.2;46.3;16.3;6.7;4.8;15;moong dal,mung dal;mung beans
black gram;legume;207;;;1.5;180;c730 z730;-;protein;1427;25.2;1.6;40.7;18.3;7.6;0;38;urad beans,urad dal,urad;black beans
pigeon peas;legume;205;;;1.6;168;c730 z730;-;protein;1435;21.7;1.5;47.8;15;5.2;0;17;toor dal,gungo peas;split chickpeas
marrowfat peas;legume;200;;;1.9;190;c730 z730;-;protein bulk;1276;23.8;1.2;38.2;22.2;4.7;1.8;5;dried peas,whole dried peas;split peas
fresh broad beans;vegetable;126;;35;;;f4 z240;-;protein;368;7.9;0.7;10.1;7.5;1.6;3.7;25;fresh fava beans;broad beans
`;
