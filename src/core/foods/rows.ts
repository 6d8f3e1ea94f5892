/**
 * The food table, one line a food:
 *
 *   id | name | group | water protein fat carbohydrate fibre sugars sodium(mg) per 100 g | source confidence | more
 *
 * `?` is unknown. Sources: `SR n` is a row of USDA SR Legacy by its NDB number, `SR` one whose number was not recalled,
 * `L` a range of packet labels, `K` kitchen knowledge; all of them typed from memory. Carbohydrate is by difference and
 * includes fibre. More: `also` other names, `has` allergens, `unless` allergens it has unless its label says free, `ask`
 * allergens only the label can settle (a compound food asks for all that its kind commonly carries), grams of household
 * spoons and cups (what is counted stands in `householdWeights.ts`), `pack` name net/drained grams, days it keeps once open (`fridge`,
 * `freezer`, `cupboard`), free acid and glutamate per 100 g, `bought` where somebody else made it (as of all with `L`). Wheat
 * follows gluten (`wheat=ask` where a cereal with gluten is no wheat). Young jackfruit and blossom: water by difference.
 */
export const ROWS = `
water | Water | liquid | 100 0 0 0 0 0 0 | definition high | cup=236.6; tbsp=14.8; tsp=4.9

soy-strips | Dried soy strips | protein | 7.407407407 37 18 32 20 ? 5 | L low; water from models card 2 | also=whole-bean soy strips, soya strips; has=soy; ask=gluten; cup=40; pack=bag 227; cupboard=365
soy-granules | Textured soy granules | protein | 7.407407407 50 1.2 33 17.5 ? 20 | SR 16117 medium; as proxy, water from models card 2 | also=TVP, soya mince, textured vegetable protein, soja mince; has=soy; ask=gluten; cup=95; tbsp=6; pack=bag 300; cupboard=365
soy-chunks | Textured soy chunks | protein | 7.407407407 50 1.2 33 17.5 ? 20 | SR 16117 medium; as proxy, water from models card 2 | also=TVP chunks, soya chunks, meal maker; has=soy; ask=gluten; cup=60; pack=bag 300; cupboard=365
pea-strips | Textured pea protein | protein | 8 58 3.5 25 12 1 600 | L low | also=pea protein strips, TPP; ask=gluten, soy, lupin; cup=60; pack=bag 300; cupboard=365
fava-mince | Textured broad bean protein | protein | 8 60 3 24 12 1 300 | L low | also=fava protein, faba mince; ask=gluten, soy, lupin; cup=85; pack=bag 300; cupboard=365
mycoprotein-mince | Mycoprotein mince | protein | 74 11.5 2.5 9 6 0.6 60 | L low; 11.5–14 g protein | also=fungus mince, fermented mince; ask=egg, milk, gluten, soy; cup=110; pack=bag 300; freezer=180
soy-isolate | Soy protein isolate | protein | 4.98 88.32 3.39 0 0 0 1005 | SR 16122 medium | also=soya protein powder; has=soy; tbsp=7; cupboard=365; bought=yes
pea-isolate | Pea protein isolate | protein | 6 80 6.5 4 2 0 1000 | L low | also=pea protein powder; ask=soy, lupin; tbsp=7; cupboard=365
tofu-firm | Firm tofu | protein | 82 10 5.5 2 0.9 0.6 8 | L medium | also=bean curd, firm beancurd; has=soy; cup=250; pack=block 400/340; fridge=4; freezer=120
tofu-extra-firm | Extra-firm tofu | protein | 75 14 8 2 1 0.5 10 | L medium | also=extra firm bean curd, pressed tofu; has=soy; cup=250; pack=block 450/400; fridge=4; freezer=120
tofu-silken | Silken tofu | protein | 88.5 5.5 3 2.4 0.1 1.3 5 | L medium | also=soft tofu, kinugoshi; has=soy; cup=248; pack=block 300; fridge=3
plant-mince | Plant mince, bought, ready to cook | protein | 62 17 10 7 4 1 400 | L low | also=meat-free mince, vegan mince, plant-based mince, plant-based ground; ask=gluten, soy, egg, milk, mustard, celery, lupin, nuts, sesame; cup=130; pack=bag 300; fridge=2; freezer=90
plant-burgers | Plant burgers, bought | protein | 58 17 14 7 4 1 380 | L low | also=vegan burgers, veggie burgers, plant-based burgers, meat-free burgers; ask=gluten, soy, egg, milk, mustard, celery, lupin, nuts, sesame; fridge=2; freezer=90
plant-sausages | Plant sausages, bought | protein | 60 14 12 10 4 1 550 | L low | also=vegan sausages, veggie sausages, plant-based sausages, meat-free sausages; ask=gluten, soy, egg, milk, mustard, celery, lupin, nuts, sesame, sulphites; fridge=2; freezer=90
tofu-smoked | Smoked tofu | protein | 62 17 10 3 1.5 0.6 400 | L low | has=soy; ask=gluten, sesame, nuts; pack=block 200; fridge=5; freezer=90
tofu-puffs | Tofu puffs, fried | protein | 50.52 18.82 20.18 8.86 3.9 2.72 16 | SR 16129 medium | also=aburaage, fried tofu pockets; has=soy; ask=gluten; fridge=4; freezer=90
koya-tofu | Freeze-dried tofu | protein | 5.78 52.47 30.34 10.03 7.2 ? 6 | SR 16128 medium | also=koyadofu, kori tofu; has=soy; cupboard=180
yuba | Tofu skin, dried | protein | 8 50 26 13 2 1 20 | L low | also=yuba, bean curd sticks, bean curd sheets; has=soy; pack=bag 200; cupboard=365
okara | Soy pulp (okara), fresh | protein | 81.64 3.22 1.73 12.24 ? ? 9 | SR 16130 medium | also=soya pulp; has=soy; cup=122; fridge=3; freezer=90
konjac | Konjac block or noodles, drained | other | 97 0.1 0 2.7 2.5 0 10 | L low | also=konnyaku, shirataki; pack=bag 400/250; fridge=3
tempeh | Tempeh | protein | 59.65 20.29 10.8 7.64 ? ? 9 | SR 16114 high | has=soy; ask=gluten; cup=166; pack=block 250; fridge=5; freezer=90
seitan | Seitan, ready cooked | protein | 66 21 2 8 0.6 0.5 350 | L low | also=wheat gluten pieces, mock duck; has=gluten; ask=soy, celery, mustard; pack=jar 350/200; fridge=4; freezer=90
jackfruit-young | Young jackfruit in brine, drained | vegetable | 91.5 1 0.3 6 4 1 350 | L low | also=green jackfruit, unripe jackfruit, polos; ask=sulphites; cup=165; pack=tin 560/280; fridge=3; freezer=120
banana-blossom | Banana blossom in brine, drained | vegetable | 92.3 1.5 0.3 5 4 1 400 | L low | also=banana flower, banana heart; ask=sulphites; pack=tin 510/255; fridge=3
banana-peel | Peel of green bananas | vegetable | 89 0.9 1 8 6 1 5 | K low | also=plantain peel; fridge=2; freezer=150

red-lentils | Split red lentils, dry | pulse | 7.82 23.91 2.17 63.1 10.8 ? 7 | SR 16144 high | also=masoor dal, pink lentils; ask=gluten; cup=192; pack=bag 500; cupboard=365
green-lentils | Green lentils, dry | pulse | 8.26 24.63 1.06 63.35 16.8 2.03 6 | SR 16069 high; fibre by IFCT B014 | also=Puy-style lentils; ask=gluten; cup=192; pack=bag 500; cupboard=365
brown-lentils | Brown lentils, dry | pulse | 8.26 24.63 1.06 63.35 16.8 2.03 6 | SR 16069 high; fibre by IFCT B014 | ask=gluten; cup=192; pack=bag 500; cupboard=365
black-lentils | Black lentils, dry | pulse | 8.26 24.63 1.06 63.35 16.8 2.03 6 | SR 16069 medium; fibre by IFCT B014; as proxy | also=beluga lentils; ask=gluten; cup=192; pack=bag 500; cupboard=365
lentils-cooked | Lentils, cooked, drained | pulse | 69.64 9.02 0.38 20.13 5.6 1.8 2 | SR 16070 high; fibre of the dry by solids | ask=gluten; cup=198; fridge=3; freezer=90
lentils-tinned | Lentils, tinned, drained | pulse | 72 7 0.4 17 5 1 210 | L low | ask=gluten, sulphites; cup=180; pack=tin 400/240; fridge=3
split-peas | Split peas, dry | pulse | 11.27 24.55 1.16 60.37 25.5 8 15 | SR 16085 medium | also=yellow split peas, green split peas; ask=gluten; cup=197; pack=bag 500; cupboard=365
mung-beans | Mung beans, dry | pulse | 9.05 23.86 1.15 62.62 16.3 6.6 15 | SR 16080 high | also=moong, green gram; ask=gluten; cup=207; pack=bag 500; cupboard=365
black-eyed-peas | Black-eyed peas, dry | pulse | 11.95 23.52 1.26 60.03 10.6 6.9 16 | SR 16062 medium | also=cowpeas, black-eyed beans; cup=167; pack=bag 500; cupboard=365
soybeans-dry | Soybeans, dry | pulse | 8.54 36.49 19.94 30.16 22.6 7.33 2 | SR 16108 high; fibre by IFCT B025 | also=soya beans; has=soy; ask=gluten; cup=186; pack=bag 500; cupboard=365
borlotti-dry | Borlotti beans, dry | pulse | 12.39 23.03 1.23 60.05 24.7 ? 6 | SR 16019 medium | also=cranberry beans, roman beans; cup=195; pack=bag 500; cupboard=365
borlotti-tinned | Borlotti beans, tinned, drained | pulse | 69 7 0.5 20.5 6.5 0.6 230 | L low | also=cranberry beans; ask=sulphites; cup=175; pack=tin 400/240; fridge=3
butter-beans-dry | Butter beans, dry | pulse | 10.17 21.46 0.69 63.38 19 8.5 18 | SR 16071 high | also=lima beans; cup=178; pack=bag 500; cupboard=365
butter-beans-tinned | Butter beans, tinned, drained | pulse | 71.5 6.3 0.5 18.5 5.5 1 230 | L low | also=lima beans; ask=sulphites; cup=175; pack=tin 400/240; fridge=3
lupin-beans | Lupin beans in brine, drained | pulse | 69 15 3 10 4 0.5 800 | L low | also=lupini; has=lupin; ask=sulphites; cup=160; pack=jar 330/200; fridge=5
chickpeas-dry | Chickpeas, dry | pulse | 7.68 20.47 6.04 62.95 25.2 10.7 24 | SR 16056 high; fibre by today's method, IFCT 2017 | also=garbanzo beans, chana; ask=gluten; cup=200; pack=bag 500; cupboard=365
chickpeas-cooked | Chickpeas, cooked, drained | pulse | 60.21 8.86 2.59 27.42 10.9 4.8 7 | SR 16057 high; fibre of the dry by solids | also=garbanzo beans; cup=164; fridge=3; freezer=120
chickpeas-tinned | Chickpeas, tinned, drained | pulse | 66.5 7.05 2.77 22.53 6.4 4 246 | SR low | also=canned garbanzo beans; ask=sulphites; cup=160; pack=tin 400/240, tin 540/340; fridge=3; bought=yes
kidney-beans-dry | Kidney beans, dry | pulse | 11.75 22.53 1.06 61.29 15.2 2.1 12 | SR 16032 medium | also=red beans, rajma; cup=184; pack=bag 500; cupboard=365
kidney-beans-cooked | Kidney beans, cooked, drained | pulse | 66.94 8.67 0.5 22.8 5.7 0.32 2 | SR 16033 medium; fibre of the dry by solids | also=red beans; cup=177; fridge=3; freezer=120
kidney-beans-tinned | Kidney beans, tinned, drained | pulse | 67.5 7.5 0.6 21 6 2 230 | L low | ask=sulphites; cup=175; pack=tin 400/240, tin 540/340; fridge=3
white-beans-dry | White beans, dry | pulse | 11.32 23.36 0.85 60.27 15.2 2.11 16 | SR 16049 medium | also=cannellini, haricot, navy beans; cup=202; pack=bag 500; cupboard=365
white-beans-cooked | White beans, cooked, drained | pulse | 63.08 9.73 0.35 25.09 6.3 0.34 6 | SR 16050 medium | also=cannellini, haricot, navy beans; cup=179; fridge=3; freezer=120
white-beans-tinned | White beans, tinned, drained | pulse | 70 7 0.4 20.5 6 0.5 220 | L low | also=cannellini; ask=sulphites; cup=175; pack=tin 400/240; fridge=3
black-beans-dry | Black beans, dry | pulse | 11.02 21.6 1.42 62.36 15.5 2.12 5 | SR 16014 medium | also=turtle beans; cup=194; pack=bag 500; cupboard=365
black-beans-cooked | Black beans, cooked, drained | pulse | 65.74 8.86 0.54 23.71 6.0 0.32 1 | SR 16015 high; fibre of the dry by solids | also=turtle beans; cup=172; fridge=3; freezer=120
black-beans-tinned | Black beans, tinned, drained | pulse | 69 7 0.6 19.5 6.5 0.4 230 | L low | ask=sulphites; cup=172; pack=tin 400/240; fridge=3
pinto-beans-dry | Pinto beans, dry | pulse | 11.33 21.42 1.23 62.55 15.5 2.11 12 | SR 16042 medium | also=speckled beans; cup=193; pack=bag 500; cupboard=365
pinto-beans-cooked | Pinto beans, cooked, drained | pulse | 62.95 9.01 0.65 26.22 6.5 0.34 1 | SR 16043 medium; fibre of the dry by solids | also=speckled beans; cup=171; fridge=3; freezer=120
pinto-beans-tinned | Pinto beans, tinned, drained | pulse | 68 7 0.9 20 6 0.6 230 | L low | ask=sulphites; cup=171; pack=tin 400/240; fridge=3
edamame | Edamame, shelled | pulse | 72.77 11.91 5.2 8.91 5.2 2.18 6 | SR 11212 medium | also=green soya beans, mukimame; has=soy; cup=155; pack=bag 400; freezer=240
peas | Peas, frozen | pulse | 79.5 5.22 0.4 13.62 4.5 5 108 | SR medium | also=garden peas, petits pois; cup=134; pack=bag 900; freezer=240; bought=yes
broad-beans | Broad beans, fresh or frozen | pulse | 72.6 7.92 0.73 17.63 7.5 9.21 25 | SR 11088 medium | also=fava beans, faba beans; cup=109; pack=bag 500; freezer=240
broad-beans-dry | Broad beans, dry | pulse | 10.98 26.12 1.53 58.29 25 5.7 13 | SR 16052 high | also=dried fava beans, ful; cup=150; pack=bag 500; cupboard=365
adzuki-dry | Adzuki beans, dry | pulse | 13.44 19.87 0.53 62.9 12.7 ? 5 | SR 16001 high | also=aduki beans, red mung; cup=197; pack=bag 500; cupboard=365
adzuki-tinned | Adzuki beans, tinned, drained | pulse | 68 7.2 0.3 23 7 0.5 200 | L low | also=aduki beans; ask=sulphites; cup=175; pack=tin 400/240; fridge=3
baked-beans | Baked beans in tomato sauce | pulse | 73 4.9 0.5 18.5 4 5 340 | L low | also=beans in tomato sauce; ask=gluten, celery, mustard, sulphites; cup=254; pack=tin 400; fridge=3
chickpea-flour | Chickpea flour | pulse | 10.28 22.39 6.69 57.82 15.2 10.85 64 | SR 16157 high; fibre by IFCT B001 | also=gram flour, besan, garbanzo flour; ask=gluten; cup=92; tbsp=5.8; cupboard=180

button-mushrooms | Button mushrooms | mushroom | 92.45 3.09 0.34 3.26 1 1.98 5 | SR 11260 high | also=champignons, white mushrooms, chestnut mushrooms; cup=70; glutamate=0.04; fridge=5
portobello | Portobello caps | mushroom | 92.82 2.11 0.35 3.87 1.3 2.5 9 | SR 11265 high | also=portabella, flat mushrooms; cup=86; glutamate=0.04; fridge=5
oyster-mushrooms | Oyster mushrooms | mushroom | 89.18 3.31 0.41 6.09 2.3 1.11 18 | SR 11987 high | also=pleurotus; cup=86; glutamate=0.02; fridge=4
king-oyster | King oyster mushrooms | mushroom | 88.5 3 0.4 7 2.4 1.5 12 | K low | also=king trumpet, eryngii; cup=86; glutamate=0.02; fridge=7
enoki | Needle mushrooms (enoki) | mushroom | 88.34 2.66 0.29 7.81 2.7 0.22 3 | SR 11950 high | also=enokitake, golden needle; cup=65; pack=bunch 100; glutamate=0.03; fridge=4
shiitake | Shiitake, fresh | mushroom | 89.74 2.24 0.49 6.79 2.5 2.38 9 | SR 11238 high | cup=72; glutamate=0.07; fridge=6
shiitake-dried | Shiitake, dried | mushroom | 9.5 9.58 0.99 75.37 11.5 2.21 13 | SR 11268 high | also=dried black mushrooms; ask=sulphites; glutamate=1; cupboard=365
porcini-dried | Porcini, dried | mushroom | 10 26 3 55 24 3 30 | K low | also=ceps; ask=sulphites; glutamate=0.8; cupboard=365
morels | Morels, fresh | mushroom | 89.61 3.12 0.57 5.1 2.8 0.6 21 | SR 11240 high | also=morel mushrooms; cup=66; glutamate=0.05; fridge=3
morels-dried | Morels, dried | mushroom | 10 27 5 48 25 5 180 | K low | also=dried morel mushrooms; ask=sulphites; glutamate=0.4; cupboard=365
wild-mushrooms | Gathered mushrooms | mushroom | 90 2.5 0.5 6 2.5 1 6 | K low | also=foraged mushrooms, wild mushrooms, chanterelles, ceps fresh; glutamate=0.05; fridge=2
lions-mane | Lion's mane mushroom | mushroom | 89.5 2.4 0.3 7 3 1 5 | K low | also=hericium, pom-pom mushroom; fridge=4

aubergine | Aubergine | vegetable | 92.3 0.98 0.18 5.88 3 3.53 2 | SR 11209 high | also=eggplant, brinjal, melanzana; cup=82; fridge=5
butternut | Butternut squash, peeled | vegetable | 86.41 1 0.1 11.69 2 2.2 4 | SR 11485 high | also=butternut pumpkin; cup=140; fridge=5
squash-whole | Winter squash, halved, skin on | vegetable | 88 1.1 0.2 10 1.8 2.4 4 | SR medium | also=pumpkin, hokkaido, kabocha, acorn squash; cup=116; fridge=4
courgette | Courgette | vegetable | 94.79 1.21 0.32 3.11 1 2.5 8 | SR 11477 high | also=zucchini; cup=124; fridge=5
potato | Potatoes, peeled | vegetable | 79.25 2.05 0.09 17.49 2.1 0.82 6 | SR 11352 high | also=spuds; cup=150; cupboard=21
baking-potato | Baking potatoes, skin on | vegetable | 79.25 2.05 0.09 17.49 2.1 0.82 6 | SR 11352 high | also=jacket potatoes, russet; cupboard=21
potato-nuggets | Potato nuggets, frozen | vegetable | 62 2 8.5 26.5 2 0.4 430 | L low | also=potato puffs, potato bites, grated potato cylinders; ask=gluten, sulphites, milk, soy; pack=bag 750; freezer=365
sweet-potato | Sweet potatoes, peeled | vegetable | 77.28 1.57 0.05 20.12 3 4.18 55 | SR high | also=kumara; cup=133; cupboard=14
cauliflower | Cauliflower | vegetable | 92.07 1.92 0.28 4.97 2 1.91 30 | SR 11135 high | cup=107; fridge=5
broccoli | Broccoli | vegetable | 89.3 2.82 0.37 6.64 2.6 1.7 33 | SR 11090 high | cup=91; fridge=4
onion | Onion | vegetable | 89.11 1.1 0.1 9.34 1.7 4.24 4 | SR 11282 high | also=brown onion, yellow onion; cup=160; cupboard=21
red-onion | Red onion | vegetable | 89.11 1.1 0.1 9.34 1.7 4.24 4 | SR 11282 medium | also=Spanish onion; cup=160; cupboard=21
shallot | Shallot | vegetable | 79.8 2.5 0.1 16.8 3.2 7.9 12 | SR medium | also=eschalot; cupboard=21
spring-onion | Spring onions | vegetable | 89.83 1.83 0.19 7.34 2.6 2.33 16 | SR 11291 high | also=scallions, green onions; cup=100; fridge=5
leek | Leek | vegetable | 83 1.5 0.3 14.15 1.8 3.9 20 | SR 11246 high | cup=89; fridge=6
garlic | Garlic | vegetable | 58.58 6.36 0.5 33.06 2.1 1 17 | SR 11215 high | tsp=2.8; cupboard=30
ginger | Ginger, fresh | vegetable | 78.89 1.82 0.75 17.77 2 1.7 13 | SR 11216 high | tsp=2; tbsp=6; fridge=14
carrot | Carrot | vegetable | 88.29 0.93 0.24 9.58 2.8 4.74 69 | SR 11124 high | cup=128; fridge=14
celery | Celery | vegetable | 95.43 0.69 0.17 2.97 1.6 1.34 80 | SR 11143 high | has=celery; cup=101; fridge=10
celeriac | Celeriac | vegetable | 88 1.5 0.3 9.2 1.8 1.6 100 | SR medium | also=celery root; has=celery; cup=156; fridge=14
cassava | Cassava, raw | vegetable | 59.68 1.36 0.28 38.06 1.8 1.7 14 | SR 11134 high | also=yuca, manioc; cup=206; fridge=4; freezer=180
bamboo-shoots | Bamboo shoots, tinned | vegetable | 94.32 1.72 0.4 3.22 1.4 1.9 7 | SR 11029 high | also=sliced bamboo; cup=131; pack=tin 227/140; fridge=3; bought=yes
bamboo-shoots-raw | Bamboo shoots, raw | vegetable | 91 2.6 0.3 5.2 2.2 3 4 | SR 11026 high | also=fresh bamboo; cup=151; fridge=7
parsnip | Parsnip | vegetable | 79.53 1.2 0.3 17.99 4.9 4.8 10 | SR 11298 high | cup=133; fridge=14
beetroot | Beetroot | vegetable | 87.58 1.61 0.17 9.56 2.8 6.76 78 | SR 11080 high | also=beets; cup=136; fridge=14
swede | Swede | vegetable | 89.43 1.08 0.16 8.62 2.3 4.46 12 | SR 11435 high | also=rutabaga, neep; cup=140; fridge=14
white-cabbage | White cabbage | vegetable | 92.18 1.28 0.1 5.8 2.5 3.2 18 | SR 11109 high | cup=89; fridge=14
red-cabbage | Red cabbage | vegetable | 90.39 1.43 0.16 7.37 2.1 3.83 27 | SR 11112 high | cup=89; fridge=14
kale | Kale | vegetable | 89.63 2.92 1.49 4.42 4.1 0.99 53 | SR 11233 medium | also=borecole, cavolo; cup=67; fridge=4
spinach | Spinach | vegetable | 91.4 2.86 0.39 3.63 2.2 0.42 79 | SR 11457 high | cup=30; fridge=4
chard | Chard | vegetable | 92.66 1.8 0.2 3.74 1.6 1.1 213 | SR 11147 high | also=silverbeet; cup=36; fridge=4
red-pepper | Red pepper | vegetable | 92.21 0.99 0.3 6.03 2.1 4.2 4 | SR 11821 high | also=capsicum, bell pepper; cup=149; fridge=6
tomato | Tomatoes | vegetable | 94.52 0.88 0.2 3.89 1.2 2.63 5 | SR 11529 high | cup=180; acid=0.5; glutamate=0.14; fridge=6
tomatoes-tinned | Tomatoes, tinned, with juice | vegetable | 94 0.9 0.2 4 1 2.5 115 | SR medium | also=canned tomatoes, chopped tomatoes, polpa; cup=240; pack=tin 400; acid=0.5; glutamate=0.14; fridge=4; bought=yes
passata | Tomato passata | liquid | 92 1.4 0.2 5 1.2 4 20 | L medium | also=strained tomatoes, tomato sauce (plain); cup=245; pack=carton 500; acid=0.6; glutamate=0.18; fridge=4
fennel | Fennel bulb | vegetable | 90.21 1.24 0.2 7.3 3.1 3.93 52 | SR 11957 high | cup=87; fridge=6
asparagus | Asparagus | vegetable | 93.22 2.2 0.12 3.88 2.1 1.88 2 | SR 11011 high | cup=134; fridge=4
brussels-sprouts | Brussels sprouts | vegetable | 86 3.38 0.3 8.95 3.8 2.2 25 | SR 11098 high | also=sprouts; cup=88; fridge=7
pak-choi | Pak choi | vegetable | 95.32 1.5 0.2 2.18 1 1.18 65 | SR 11116 high | also=bok choy, pak choy; cup=70; fridge=4
turnip | Turnip | vegetable | 91.87 0.9 0.1 6.43 1.8 3.8 67 | SR 11564 high | also=white turnip; cup=130; fridge=14
bean-sprouts | Bean sprouts | vegetable | 90.4 3.04 0.18 5.94 1.8 4.13 6 | SR 11043 high | also=beansprouts, mung bean sprouts; cup=104; fridge=2
lettuce | Lettuce | vegetable | 95.2 1.1 0.2 3 1.2 1.6 10 | SR 11252 medium | also=iceberg, round lettuce, butterhead, salad leaves; cup=45; fridge=5
little-gem | Little gem lettuce | vegetable | 94.61 1.23 0.3 3.29 2.1 1.19 8 | SR 11251 high | also=cos, romaine; cup=47; fridge=6
rocket | Rocket | vegetable | 91.71 2.58 0.66 3.65 1.6 2.05 27 | SR 11959 high | also=arugula; cup=20; fridge=3
watercress | Watercress | vegetable | 95.11 2.3 0.1 1.29 0.5 0.2 41 | SR 11591 high | cup=34; fridge=3
spring-greens | Spring greens | vegetable | 89.62 3.02 0.61 5.42 4 0.46 17 | SR 11161 high | also=collard greens; cup=36; fridge=5
mangetout | Mangetout | vegetable | 88.89 2.8 0.2 7.55 2.6 4 4 | SR 11300 high | also=sugar snap peas, snow peas; cup=63; fridge=5
radish | Radishes | vegetable | 95.27 0.68 0.1 3.4 1.6 1.86 39 | SR 11429 high | cup=116; fridge=7
kohlrabi | Kohlrabi | vegetable | 91 1.7 0.1 6.2 3.6 2.6 20 | SR 11241 high | cup=135; fridge=14
okra | Okra | vegetable | 89.58 1.93 0.19 7.45 3.2 1.48 7 | SR 11278 high | also=lady's fingers; cup=100; fridge=3
plantain | Plantain | vegetable | 65.2 1.3 0.35 31.89 2.3 15 4 | SR 09277 medium | cup=148; fridge=7
yam | Yam | vegetable | 69.6 1.53 0.17 27.88 4.1 0.5 9 | SR 11601 high | cup=150; fridge=14
water-chestnuts | Water chestnuts, tinned | vegetable | 86.42 0.88 0.06 12.3 2.5 2.4 8 | SR 11590 medium | cup=140; pack=tin 225/140; fridge=3; bought=yes
artichoke-hearts | Artichoke hearts, drained | vegetable | 86 2 1 9 4 1 300 | L low | ask=sulphites; cup=168; pack=tin 400/240; fridge=3
red-pepper-jar | Roasted peppers from a jar, drained | vegetable | 90 1 0.6 6 1.5 4 300 | L low | also=piquillo peppers; ask=sulphites; cup=140; fridge=5
samphire | Samphire | vegetable | 88 2 0.3 5 3 0 1200 | K low | also=marsh samphire, glasswort; fridge=3
avocado | Avocado | vegetable | 73.23 2 14.66 8.53 6.7 0.66 7 | SR 09037 high | cup=150; fridge=2
sweetcorn | Sweetcorn kernels, fresh or frozen | vegetable | 76.05 3.27 1.35 18.7 2 6.26 15 | SR 11167 high | also=maize, corn; cup=154; pack=bag 750; freezer=240
sweetcorn-tinned | Sweetcorn, tinned, drained | vegetable | 81.5 2.29 1.22 14.34 2 4.44 205 | SR medium | also=canned corn; cup=164; pack=tin 340/285; fridge=3; bought=yes
chestnuts | Chestnuts, cooked and peeled | nut | 58 2.4 1.5 37 5 8 5 | L low | also=vacuum-packed chestnuts; ask=nuts; pack=pouch 200; fridge=3
tomatoes-dried | Sun-dried tomatoes, dry | vegetable | 14.56 14.11 2.97 55.76 12.3 37.59 107 | SR 11955 medium; jars are far saltier | also=sundried tomatoes; ask=sulphites; cup=54; acid=2.5; glutamate=0.65; cupboard=180; bought=yes
kimchi | Kimchi | vegetable | 94.3 1.1 0.5 2.4 1.6 1.06 498 | SR medium | also=fermented cabbage; ask=fish, crustaceans, molluscs, gluten, soy, sesame, sulphites; cup=150; acid=0.6; fridge=60; bought=yes
horseradish | Horseradish, prepared | seasoning | 85.08 1.18 0.69 11.29 3.3 7.99 420 | SR 02055 high | also=grated horseradish; ask=sulphites, mustard, milk, egg; tbsp=15; tsp=5; acid=1; fridge=60; bought=yes
green-beans | Green beans | vegetable | 90.32 1.83 0.22 6.97 2.7 3.26 6 | SR 11052 high | also=French beans, string beans; cup=100; fridge=5
cucumber | Cucumber | vegetable | 95.23 0.65 0.11 3.63 0.5 1.67 2 | SR 11205 high | cup=104; fridge=6
hearts-of-palm | Hearts of palm, drained | vegetable | 90.2 2.52 0.62 4.62 2.4 0 426 | SR 11961 high | also=palmito; ask=sulphites; cup=146; pack=tin 400/220; fridge=3; bought=yes
chilli | Chilli, fresh | vegetable | 88.02 1.87 0.44 8.81 1.5 5.3 9 | SR 11819 high | also=chile, hot pepper; fridge=7
jalapeno | Jalapeño, fresh | vegetable | 91.69 0.91 0.37 6.5 2.8 4.12 3 | SR 11979 high | also=jalapeno chilli; cup=90; fridge=7
birds-eye-chilli | Bird's eye chilli, fresh | vegetable | 88.02 1.87 0.44 8.81 1.5 5.3 9 | SR 11819 medium; as proxy | also=Thai chilli, finger chilli, small hot chilli; fridge=7
scotch-bonnet | Scotch bonnet, fresh | vegetable | 88.02 1.87 0.44 8.81 1.5 5.3 9 | SR 11819 medium; as proxy | also=habanero; fridge=7
apple | Apple | vegetable | 85.56 0.26 0.17 13.81 2.4 10.39 1 | SR 09003 high | cup=125; acid=0.4; fridge=21
pear | Pear | vegetable | 83.96 0.36 0.14 15.23 3.1 9.75 1 | SR 09252 high | cup=140; acid=0.2; fridge=10
orange | Orange, flesh | vegetable | 86.75 0.94 0.12 11.75 2.4 9.35 0 | SR 09200 high | cup=180; acid=1; fridge=14
pineapple | Pineapple | vegetable | 86 0.54 0.12 13.12 1.4 9.85 1 | SR 09266 high | cup=165; acid=0.8; fridge=4
mango | Mango | vegetable | 83.46 0.82 0.38 14.98 1.6 13.66 1 | SR 09176 high | cup=165; acid=0.3; fridge=5
banana | Banana | vegetable | 74.91 1.09 0.33 22.84 2.6 12.23 1 | SR 09040 high | cup=150; acid=0.3; fridge=5
pomegranate-seeds | Pomegranate seeds | vegetable | 77.93 1.67 1.17 18.7 4 13.67 3 | SR 09286 high | cup=174; acid=1; fridge=5
lemon | Lemon, whole | vegetable | 88.98 1.1 0.3 9.32 2.8 2.5 2 | SR 09150 high | acid=4; fridge=21
lime | Lime, whole | vegetable | 88.26 0.7 0.2 10.54 2.8 1.69 2 | SR 09159 high | acid=4.5; fridge=21
dates | Dates, dried, stoned | vegetable | 20.53 2.45 0.39 75.03 8 63.35 2 | SR 09421 high | also=medjool dates; ask=sulphites; cup=147; cupboard=180
raisins | Raisins | vegetable | 15.43 3.07 0.46 79.18 3.7 59.19 11 | SR 09298 high | also=sultanas, currants, dried grapes; ask=sulphites; cup=145; tbsp=9; cupboard=365
apricots-dried | Apricots, dried | vegetable | 30.89 3.39 0.51 62.64 7.3 53.44 10 | SR 09032 high | ask=sulphites; cup=130; cupboard=180
prunes | Prunes | vegetable | 30.92 2.18 0.38 63.88 7.1 38.13 2 | SR 09291 high | ask=sulphites; cup=174; cupboard=180
cranberries-dried | Dried cranberries, sweetened | vegetable | 15.79 0.17 1.09 82.8 5.3 72.56 5 | SR 09079 medium | ask=sulphites; cup=120; tbsp=7.5; cupboard=365; bought=yes
sauerkraut | Sauerkraut, drained | vegetable | 92.52 0.91 0.14 4.28 2.9 1.78 661 | SR 11439 high | ask=sulphites; cup=142; acid=1; fridge=14; bought=yes
green-peppercorns | Green peppercorns in brine, drained | seasoning | 70 3 1 20 8 1 1500 | K low | ask=sulphites; tsp=4; fridge=30

parsley | Parsley | seasoning | 87.7 3 0.8 6.3 3.3 0.9 56 | SR medium | tbsp=3.8; cup=60; fridge=5
tarragon | Tarragon, fresh | seasoning | 82 3.5 0.7 9 4 ? 10 | K low | tbsp=2; fridge=5
thyme | Thyme, fresh | seasoning | 65.11 5.56 1.68 24.45 14 ? 9 | SR medium | tsp=0.8; fridge=7
dill | Dill, fresh | seasoning | 85.95 3.46 1.12 7.02 2.1 ? 61 | SR medium | tbsp=1; fridge=4
sage | Sage, fresh | seasoning | 75 4 3 15 9 ? 5 | K low | tbsp=2; fridge=6
rosemary | Rosemary, fresh | seasoning | 67.77 3.31 5.86 20.7 14.1 ? 26 | SR 02063 high | tsp=0.7; tbsp=1.7; fridge=8
coriander-leaf | Coriander leaf | seasoning | 92.21 2.13 0.52 3.67 2.8 0.87 46 | SR 11165 high | also=cilantro; tbsp=1; cup=16; fridge=5
basil | Basil | seasoning | 92.06 3.15 0.64 2.65 1.6 0.3 4 | SR 02044 high | tbsp=2.6; fridge=4
mint | Mint | seasoning | 78.65 3.75 0.94 14.89 8 ? 31 | SR 02064 high | tbsp=1.6; fridge=5
chives | Chives | seasoning | 90.65 3.27 0.73 4.35 2.5 1.85 3 | SR 11156 high | tbsp=3; fridge=5
bay | Bay leaf, dried | seasoning | 5.44 7.61 8.36 74.97 26.3 ? 23 | SR 02004 high | cupboard=365
oregano | Oregano, dried | seasoning | 9.93 9 4.28 68.92 42.5 4.09 25 | SR 02027 high | tsp=1; tbsp=3; cupboard=365
marjoram | Marjoram, dried | seasoning | 7.64 12.66 7.04 60.56 40.3 4.09 77 | SR 02023 high | tsp=0.6; cupboard=365
thyme-dried | Thyme, dried | seasoning | 7.79 9.11 7.43 63.94 37 1.71 55 | SR 02042 high | tsp=1; tbsp=2.7; cupboard=365
mixed-herbs | Mixed dried herbs | seasoning | 8 11 6 63 38 3 60 | K low | also=Italian herbs, Italian seasoning, herbes de Provence; ask=celery; tsp=1; tbsp=3; cupboard=365
rosemary-dried | Rosemary, dried | seasoning | 9.31 4.88 15.22 64.06 42.6 ? 50 | SR 02036 high | tsp=1.2; tbsp=3.3; cupboard=365
sage-dried | Sage, dried | seasoning | 7.96 10.63 12.75 60.73 40.3 1.71 11 | SR 02038 high | also=rubbed sage; tsp=0.7; tbsp=2; cupboard=365
basil-dried | Basil, dried | seasoning | 10.35 22.98 4.07 47.75 37.7 1.71 76 | SR 02003 high | tsp=0.7; tbsp=2.1; cupboard=365
parsley-dried | Parsley, dried | seasoning | 5.89 26.63 5.48 50.64 26.7 7.27 452 | SR 02029 high | tsp=0.5; tbsp=1.6; cupboard=365
dill-dried | Dill, dried | seasoning | 7.3 19.96 4.36 55.82 13.6 ? 208 | SR 02017 high | tsp=1; tbsp=3.1; cupboard=365
tarragon-dried | Tarragon, dried | seasoning | 7.74 22.77 7.24 50.22 7.4 ? 62 | SR 02041 high | tsp=0.6; tbsp=1.8; cupboard=365
mint-dried | Mint, dried | seasoning | 11.3 19.93 6.03 52.04 29.8 ? 344 | SR 02066 high | tsp=0.5; tbsp=1.6; cupboard=365
garam-masala | Garam masala | seasoning | 8.5 13 15 55 30 2 60 | K low | ask=mustard, celery, gluten, peanut, nuts; tsp=2; tbsp=6; cupboard=365
cloves | Cloves | seasoning | 9.87 5.97 13 65.53 33.9 2.38 277 | SR 02011 high | also=clove; tsp=2.1; cupboard=365
cardamom | Cardamom | seasoning | 8.28 10.76 6.7 68.47 28 ? 18 | SR 02006 high | also=cardamom pods; tsp=2; cupboard=365
star-anise | Star anise | seasoning | 9.54 17.6 15.9 50.02 14.6 ? 16 | SR 02002 medium; as proxy | tsp=2; cupboard=365
white-pepper | White pepper | seasoning | 11.42 10.4 2.12 68.61 26.2 ? 5 | SR 02032 high | tsp=2.4; cupboard=365
spice-blend | Ready herb and spice blend | seasoning | 8 11 9 55 25 8 ? | L low | also=taco seasoning, fajita seasoning, Cajun seasoning, jerk seasoning, all-purpose seasoning, poultry seasoning; ask=gluten, celery, mustard, milk, soy, sesame, sulphites, peanut, nuts; tsp=2.5; tbsp=7.5; cupboard=365
caraway | Caraway seed | seasoning | 9.87 19.77 14.59 49.9 38 0.64 17 | SR medium | tsp=2.1; cupboard=365
smoked-paprika | Smoked paprika | seasoning | 11.24 14.14 12.89 53.99 34.9 10.34 68 | SR medium | also=pimenton; ask=mustard, celery, gluten, peanut, nuts; tsp=2.3; tbsp=6.8; cupboard=365
paprika | Paprika, sweet | seasoning | 11.24 14.14 12.89 53.99 34.9 10.34 68 | SR 02028 high | ask=mustard, celery, gluten; tsp=2.3; tbsp=6.8; cupboard=365
black-pepper | Black pepper | seasoning | 12.46 10.39 3.26 63.95 25.3 0.64 20 | SR high | tsp=2.3; cupboard=365
cumin | Cumin seed | seasoning | 8.06 17.81 22.27 44.24 10.5 2.25 168 | SR 02014 high | also=jeera; ask=peanut, nuts, mustard; tsp=2.1; cupboard=365
curry-powder | Curry powder | seasoning | 8.8 14.29 14.01 55.83 53.2 2.76 52 | SR 02015 medium | also=madras powder; ask=mustard, celery, gluten, sesame, peanut; tsp=2; tbsp=6.3; cupboard=365
coriander-seed | Coriander seed | seasoning | 8.86 12.37 17.77 54.99 41.9 ? 35 | SR 02013 high | ask=mustard; tsp=1.8; cupboard=365
fennel-seed | Fennel seed | seasoning | 8.81 15.8 14.87 52.29 39.8 ? 88 | SR 02018 high | tsp=2; cupboard=365
turmeric | Turmeric, ground | seasoning | 12.85 9.68 3.25 67.14 22.7 3.21 27 | SR 02043 high | also=haldi; tsp=3; cupboard=365
nutmeg | Nutmeg, ground | seasoning | 6.23 5.84 36.31 49.29 20.8 2.99 16 | SR 02025 high | tsp=2.2; cupboard=365
mace | Mace, ground | seasoning | 8.17 6.71 32.38 50.5 20.2 ? 80 | SR 02022 high | tsp=1.7; cupboard=365
juniper | Juniper berries | seasoning | 15 4 9 65 25 20 10 | K low | tsp=2; cupboard=365
saffron | Saffron | seasoning | 11.9 11.43 5.85 65.37 3.9 ? 148 | SR 02037 medium | tsp=0.7; cupboard=365
nigella | Nigella seeds | seasoning | 5 20 40 32 12 ? 20 | K low | also=kalonji, black onion seeds; ask=sesame, mustard; tsp=2.5; cupboard=365
mustard-seeds | Mustard seeds | seasoning | 5.27 26.08 36.24 28.09 12.2 6.79 13 | SR 02024 high | has=mustard; ask=gluten; tsp=3.3; tbsp=10; cupboard=365
fenugreek | Fenugreek seeds | seasoning | 8.84 23 6.41 58.35 24.6 ? 67 | SR 02019 high | ask=mustard; tsp=3.7; cupboard=365
curry-leaves | Curry leaves | seasoning | 64 6 1 26 6 ? 20 | K low | fridge=7
lemongrass | Lemongrass | seasoning | 70.58 1.82 0.49 25.31 ? ? 6 | SR 11972 high | cup=67; tbsp=4.8; fridge=14
galangal | Galangal | seasoning | 80 1 1 16 2 2 10 | K low | tsp=2; tbsp=6; fridge=14
celery-salt | Celery salt | seasoning | 1 0.5 0.6 2 0.5 0 35000 | L low | has=celery; tsp=4.5; cupboard=365
vanilla | Vanilla extract | seasoning | 52.58 0.06 0.06 12.65 0 12.65 9 | SR 02050 high | tsp=4.2; tbsp=13; cupboard=1000; bought=yes
allspice | Allspice, ground | seasoning | 8.46 6.09 8.69 72.12 21.6 ? 77 | SR 02001 high | also=pimento; tsp=1.9; cupboard=365
cinnamon | Cinnamon, ground | seasoning | 10.58 3.99 1.24 80.59 53.1 2.17 10 | SR 02010 high | tsp=2.6; cupboard=365
mustard-powder | Mustard powder | seasoning | 5.27 26.08 36.24 28.09 12.2 6.79 13 | SR 02024 high | has=mustard; ask=gluten, celery; tsp=2; cupboard=365
chilli-flakes | Chilli flakes | seasoning | 8.05 12.01 17.27 56.63 27.2 10.34 30 | SR 02031 medium | also=red pepper flakes; tsp=1.8; cupboard=365
chilli-powder | Chilli powder | seasoning | 10.75 13.46 14.28 49.7 34.8 7.19 1640 | SR 02009 medium; blends hold salt, pure powder none | also=ground chilli; ask=mustard, celery, gluten, peanut, nuts; tsp=2.7; tbsp=8; cupboard=365
chilli-dried | Dried chillies, large and mild | seasoning | 11 12 8 62 28 35 60 | K low | also=ancho, guajillo, pasilla, mulato; ask=sulphites; cupboard=365
chilli-dried-hot | Dried chillies, small and hot | seasoning | 10 12 14 58 28 12 30 | K low | also=chile de arbol, dried bird's eye chillies, Kashmiri chillies; ask=sulphites; cupboard=365
cayenne | Cayenne, ground | seasoning | 8.05 12.01 17.27 56.63 27.2 10.34 30 | SR 02031 high | also=red pepper powder; ask=mustard, celery, gluten; tsp=1.8; cupboard=365
chipotle | Chipotle chillies in sauce | seasoning | 76 2 3 14 6 8 1200 | L low | also=chipotle in adobo, smoked chilli paste; ask=gluten, sulphites; tbsp=16; acid=1; fridge=30
garlic-powder | Garlic powder | seasoning | 6.45 16.55 0.73 72.73 9 2.43 60 | SR 02020 high | also=garlic granules; tsp=3.1; cupboard=365
onion-powder | Onion powder | seasoning | 5.39 10.41 1.04 79.12 15.2 6.63 73 | SR 02026 high | also=onion granules; tsp=2.4; cupboard=365
celery-seed | Celery seed | seasoning | 6.04 18.07 25.27 41.35 11.8 0.67 160 | SR 02007 high | has=celery; tsp=2; cupboard=365
salt | Salt, table | seasoning | 0 0 0 0 0 0 39340 | definition high; NaCl by atomic weights (IUPAC) | also=fine salt, sea salt; tsp=6; tbsp=18; cupboard=3650
salt-coarse | Coarse salt (kosher) | seasoning | 0 0 0 0 0 0 39340 | definition high; grams of a spoon differ twofold by its make | also=kosher salt, coarse sea salt; cupboard=3650
salt-flaky | Flaky salt | seasoning | 0.5 0 0 0 0 0 39100 | definition medium | also=flaky sea salt, sea salt flakes; cupboard=3650
black-salt | Sulphurous black salt | seasoning | 1 0 0 0 0 0 37500 | K low | also=kala namak, Himalayan black salt; ask=sulphites; tsp=5; cupboard=1000
mustard | Mustard, grainy | seasoning | 80 4 4 6 4 2 1150 | L low; 900–2400 mg sodium | also=wholegrain mustard; has=mustard; ask=gluten, sulphites, celery; tbsp=15; tsp=5; acid=1.5; fridge=90
mustard-smooth | Mustard, smooth | seasoning | 78 6 6 5 3 2 2000 | L low | also=Dijon-style mustard; has=mustard; ask=gluten, sulphites, celery; tbsp=15; tsp=5; acid=1.5; fridge=90
cider-vinegar | Cider vinegar | seasoning | 93.8 0 0 0.93 0 0.4 5 | SR high | also=apple cider vinegar; ask=sulphites; tbsp=15; tsp=5; acid=5; cupboard=1000
wine-vinegar | Wine vinegar | seasoning | 94 0 0 0.3 0 0 8 | SR medium | also=white wine vinegar, red wine vinegar; unless=sulphites; tbsp=15; tsp=5; acid=6; cupboard=1000
rice-vinegar | Rice vinegar | seasoning | 94 0 0 1 0 0.5 5 | L medium | ask=gluten; tbsp=15; tsp=5; acid=4.5; cupboard=1000
malt-vinegar | Malt vinegar | seasoning | 94 0 0 0.8 0 0 5 | L medium | ask=gluten, sulphites; tbsp=15; tsp=5; acid=5; cupboard=1000
balsamic | Balsamic vinegar | seasoning | 76.5 0.49 0 17 0 15 23 | SR 02069 medium | has=sulphites; tbsp=16; tsp=5.3; acid=6; cupboard=1000
mirin | Mirin | seasoning | 46 0.3 0 42 0 40 20 | L low; the rest is alcohol | ask=gluten, sulphites, soy; tbsp=18; tsp=6; cupboard=180
tamarind | Tamarind paste | seasoning | 45 2 0.5 48 4 30 40 | L low | also=tamarind pulp, tamarind concentrate; ask=sulphites; tbsp=18; tsp=6; acid=8; fridge=90
lemon-zest | Lemon zest | seasoning | 81.6 1.5 0.3 16 10.6 4.17 6 | SR 09156 high | also=citrus zest, lime zest, orange zest, lemon rind; tsp=2; tbsp=6; fridge=4
lemon-juice | Lemon juice | seasoning | 92.31 0.35 0.24 6.9 0.3 2.52 1 | SR high | ask=sulphites; tbsp=15; tsp=5; acid=5.5; fridge=4
lime-juice | Lime juice | seasoning | 90.79 0.42 0.07 8.42 0.4 1.69 2 | SR 09160 high | ask=sulphites; tbsp=15; tsp=5; acid=6; fridge=4
soy-sauce | Soy sauce (soy and wheat) | seasoning | 71.15 8.14 0.57 4.93 0.8 0.4 5493 | SR 16123 high | also=shoyu; has=soy, gluten; tbsp=16; tsp=5.3; acid=0.2; glutamate=1; fridge=180; bought=yes
soy-sauce-less | Soy sauce, reduced salt | seasoning | 75 9.05 0.3 5.59 0.7 ? 3598 | SR low | also=light-salt shoyu; has=soy, gluten; tbsp=16; tsp=5.3; acid=0.2; glutamate=0.9; fridge=180; bought=yes
dark-soy-sauce | Dark soy sauce | seasoning | 54 8 0 25 0 20 6000 | L low | has=soy, gluten; ask=sulphites; tbsp=18; tsp=6; acid=0.2; glutamate=1; fridge=180
tamari | Tamari | seasoning | 66 10.51 0.1 5.57 0.8 1.7 5586 | SR 16124 high | has=soy; ask=gluten; tbsp=18; tsp=6; acid=0.2; glutamate=1.2; fridge=180; bought=yes
miso | Miso | seasoning | 43.02 12.79 6.01 25.37 5.4 6.2 3728 | SR 16112 high | also=red miso, soybean paste; has=soy; ask=gluten, fish; tbsp=17.2; tsp=5.7; cup=275; acid=0.3; glutamate=0.7; fridge=180; bought=yes
miso-soy-free | Miso of chickpeas or rice, without soy | seasoning | 46 9 4 30 5 8 3700 | L low | also=chickpea miso, soy-free miso; ask=soy, gluten; tbsp=17.2; tsp=5.7; acid=0.3; glutamate=0.5; fridge=180
msg | Monosodium glutamate | seasoning | 9.6 0 0 0 0 0 12280 | definition high | also=MSG, glutamate, umami powder; tsp=4; glutamate=78.6; cupboard=1000
gochujang | Chilli and soy paste (gochujang) | seasoning | 43 5 2 44 4 25 2700 | L low | has=soy; ask=gluten, fish, sulphites, sesame; tbsp=18; tsp=6; acid=0.7; glutamate=0.4; fridge=180
hoisin | Hoisin sauce | seasoning | 44.2 3.3 3.4 44.1 2.8 27.3 1615 | SR 06175 medium | has=soy; ask=gluten, sesame, sulphites, peanut; tbsp=16; fridge=90; bought=yes
mushroom-sauce | Mushroom sauce, oyster style | seasoning | 60 2 0.2 30 0.5 20 3600 | L low | also=vegetarian oyster sauce; has=soy; ask=gluten, molluscs, sulphites; tbsp=18; glutamate=0.9; fridge=120
worcester-sauce | Worcestershire-type sauce | seasoning | 75 0 0 19.5 0 10 980 | SR medium | ask=fish, gluten, soy, sulphites, celery; tbsp=17; tsp=5.7; acid=2.5; cupboard=365; bought=yes
stock-powder | Vegetable stock powder | seasoning | 3 8 8 25 2 5 20000 | L low; 14 000–24 000 mg sodium | also=bouillon, stock cube; ask=celery, gluten, soy, milk, egg, mustard, sulphites, fish; tsp=4; glutamate=5; cupboard=365
mushroom-seasoning | Mushroom seasoning powder | seasoning | 5 14 2 58 6 8 8000 | L low | also=mushroom bouillon, mushroom powder; ask=gluten, soy, celery, sulphites; tsp=3; glutamate=6; cupboard=365
gravy-granules | Vegetable gravy granules | seasoning | 4 4 16 58 1 6 6200 | L low | also=vegan gravy granules; ask=gluten, soy, celery, milk, mustard, egg, sulphites; tsp=3; tbsp=9; glutamate=2; cupboard=365
stock | Vegetable stock, ready to use | liquid | 97 0.4 0.2 1.2 0 0.6 330 | L low | also=broth; ask=celery, gluten, soy, milk, egg, mustard; cup=240; tbsp=15; pack=carton 500; glutamate=0.12; fridge=4; freezer=90
capers | Capers, drained | seasoning | 83.85 2.36 0.86 4.89 3.2 0.41 2350 | SR 02054 high | ask=sulphites; tbsp=8.6; tsp=2.9; acid=0.8; fridge=90; bought=yes
olives | Green olives, drained | seasoning | 75.28 1.03 15.32 3.84 3.3 0.54 1556 | SR 09195 high | ask=sulphites; cup=135; acid=0.5; fridge=30; bought=yes
gherkins | Gherkins, drained | seasoning | 94 0.5 0.3 2.4 1 1.2 809 | SR medium | also=pickles, cornichons; ask=mustard, sulphites; acid=0.8; fridge=30; bought=yes
tomato-paste | Tomato paste, unsalted | seasoning | 73.5 4.32 0.47 18.91 4.1 12.18 59 | SR 11546 high | also=tomato puree (concentrated), double concentrate; tbsp=16.4; tsp=5.5; pack=tube 130; acid=1.2; glutamate=0.4; fridge=10; freezer=90
ketchup | Tomato ketchup | seasoning | 68.5 1.04 0.1 27.4 0.3 21.3 907 | SR 11935 high | ask=celery, gluten, mustard; tbsp=17; tsp=5.7; acid=1.5; glutamate=0.3; fridge=60; bought=yes
barbecue-sauce | Barbecue sauce | seasoning | 57 0.82 0.63 40.77 0.9 33.24 1027 | SR 06150 medium | also=BBQ sauce; ask=gluten, soy, mustard, celery, fish, sulphites, sesame, nuts; tbsp=17; acid=0.8; fridge=90; bought=yes
hot-sauce | Hot chilli sauce | seasoning | 90 0.5 0.4 1.8 0.3 1.3 2600 | SR medium | ask=sulphites, gluten, soy, fish; tsp=4.7; acid=1.5; fridge=180; bought=yes
chipotle-paste | Chipotle paste | seasoning | 70 2 4 18 5 10 1500 | L low | ask=sulphites, gluten, soy, celery; tbsp=16; tsp=5.3; acid=1; fridge=60
sweet-chilli-sauce | Sweet chilli sauce | seasoning | 50 0.5 0.3 46.5 1 45 1500 | L low | ask=sulphites, fish, soy, gluten; tbsp=18; tsp=6; acid=0.8; fridge=90
mango-chutney | Mango chutney | seasoning | 35 0.4 0.2 62 1 55 1200 | L low | ask=sulphites, mustard, celery; tbsp=20; tsp=7; acid=0.8; fridge=60
cranberry-sauce | Cranberry sauce | seasoning | 60 0.2 0.1 39 1 35 20 | L low | ask=sulphites; tbsp=17; acid=0.8; fridge=28
redcurrant-jelly | Redcurrant jelly | seasoning | 33 0.2 0 65 0.6 62 20 | L low | ask=sulphites; tbsp=20; acid=0.8; fridge=90
balsamic-glaze | Balsamic glaze | seasoning | 40 0.5 0 55 0 45 40 | L low | ask=sulphites; tbsp=18; acid=2.5; fridge=180
horseradish-sauce | Horseradish sauce | seasoning | 72 2 9 13 3 7 900 | L low | ask=milk, egg, mustard, sulphites, gluten; tbsp=16; acid=0.8; fridge=28
mint-sauce | Mint sauce | seasoning | 72 1.5 0.2 20 2 18 900 | L low | ask=sulphites, gluten; tbsp=16; acid=1.5; fridge=28
teriyaki-sauce | Teriyaki sauce | seasoning | 67.7 5.93 0.02 15.56 0.1 14.1 3833 | SR 06112 medium | has=soy, gluten; ask=sulphites, sesame; tbsp=18; tsp=6; glutamate=0.6; acid=0.3; fridge=90; bought=yes
salsa | Tomato salsa | seasoning | 89 1.5 0.2 6.6 1.8 3.9 700 | SR 06164 medium | ask=sulphites, gluten; tbsp=16; cup=259; acid=0.8; fridge=14; bought=yes
harissa | Harissa paste | seasoning | 74 3 7 11 5 5 1000 | L low | ask=sulphites, gluten, celery; tbsp=15; tsp=5; acid=1; fridge=60
curry-paste | Curry paste | seasoning | 55 4 16 17 6 6 1900 | L low | also=Thai curry paste, tikka paste; ask=crustaceans, fish, molluscs, mustard, celery, gluten, soy, nuts, peanut, sesame, sulphites, milk; tbsp=16; tsp=5.3; acid=0.8; fridge=30
black-bean-sauce | Black bean sauce, fermented | seasoning | 58 6 4 22 3 10 2800 | L low | also=fermented black-bean sauce; has=soy; ask=gluten, sesame, sulphites, fish; tbsp=17; tsp=5.7; glutamate=0.6; fridge=90
yeast-flakes | Nutritional yeast, flakes | seasoning | 5 50 5 36 22 ? 150 | L low | also=nooch, savoury yeast; ask=gluten; tbsp=5; cup=70; glutamate=3; cupboard=365
yeast-extract | Yeast extract | seasoning | 36 25 0.9 20 6 1 3380 | SR medium; 3380–4200 mg sodium | unless=gluten; ask=celery, soy; tsp=6; glutamate=1.9; cupboard=365
seaweed-nori | Nori sheets | seasoning | 8 35 2 45 30 1 530 | K low | also=laver, gim; ask=crustaceans, fish, molluscs, soy, sesame, gluten; glutamate=1.4; cupboard=180
seaweed-kombu | Kombu, dried | seasoning | 8 8 1.5 60 30 1 2800 | K low | also=kelp, dashi kelp; ask=crustaceans, molluscs; glutamate=2; cupboard=365
agar | Agar powder | other | 8.68 6.21 0.3 80.88 7.7 2.97 102 | SR 11663 medium | also=agar-agar, kanten; ask=crustaceans, molluscs; tsp=2.5; cupboard=700
seaweed-wakame | Wakame, dried | seasoning | 10 15 3 42 35 0 6000 | K low | also=sea mustard; ask=crustaceans, molluscs; tbsp=3; glutamate=0.01; cupboard=365
seaweed-hijiki | Hijiki, dried | seasoning | 10 10 1 55 45 0 1800 | K low | ask=crustaceans, molluscs; tbsp=4; cupboard=365
liquid-smoke | Smoke seasoning, liquid | seasoning | 95 0 0 1 0 0 10 | K low | also=smoke essence; ask=gluten, soy, sulphites; tsp=5; acid=3; cupboard=365
wine-white | White wine | liquid | 86.86 0.07 0 2.6 0 0.96 5 | SR 14106 high | unless=sulphites; ask=egg, milk, fish; cup=235; tbsp=15; acid=0.6; fridge=4
wine-red | Red wine | liquid | 86.49 0.07 0 2.61 0 0.62 4 | SR 14096 high | unless=sulphites; ask=egg, milk, fish; cup=235; tbsp=15; acid=0.6; fridge=4
fortified-wine | Fortified wine | liquid | 72 0.2 0 12 0 9 9 | SR medium | also=sherry, port, marsala, madeira, vermouth; unless=sulphites; ask=egg, milk, fish; cup=236; tbsp=15; acid=0.4; fridge=30
spirits | Spirits | liquid | 66.6 0 0 0 0 0 1 | SR 14037 high | also=brandy, rum, vodka, whisky, gin; cup=222; tbsp=14; cupboard=1000
beer | Beer, pale | liquid | 92 0.46 0 3.55 0 0 4 | SR 14003 high | unless=gluten; ask=sulphites, fish; cup=237; fridge=2
cider | Cider, dry | liquid | 92 0.1 0 3.5 0 2.5 7 | L low | also=hard cider; ask=sulphites, fish; cup=240; tbsp=15; fridge=2
rice-wine | Rice wine for cooking | liquid | 82 0.5 0 5 0 1 500 | L low; salted or not by its label | also=Shaoxing wine, sake; ask=gluten, sulphites, fish; cup=235; tbsp=15; acid=0.2; cupboard=180
sugar | Sugar | seasoning | 0.02 0 0 99.98 0 99.8 1 | SR high | also=caster sugar; tsp=4.2; tbsp=12.5; cup=200; cupboard=1000
brown-sugar | Brown sugar | seasoning | 1.34 0.12 0 98.09 0 97.02 28 | SR 19334 high | also=muscovado; tsp=4.6; tbsp=13.8; cup=220; cupboard=365
maple-syrup | Maple syrup | seasoning | 32.39 0.04 0.06 67.04 0 60.46 12 | SR 19353 high | tbsp=20; tsp=6.7; fridge=180
agave | Agave syrup | seasoning | 22.94 0.09 0.45 76.37 0.2 68.03 4 | SR 19912 high | tbsp=21; tsp=6.9; cupboard=365
molasses | Dark treacle | seasoning | 21.87 0 0.1 74.73 0 74.72 37 | SR 19304 high | also=molasses; ask=sulphites; tbsp=20; cupboard=365
golden-syrup | Golden syrup | seasoning | 19 0.3 0 79 0 78 270 | L low | also=light treacle; tbsp=21; tsp=7; cupboard=365

walnuts | Walnuts | nut | 4.07 15.23 65.21 13.71 6.7 2.61 2 | SR 12155 high | has=nuts; cup=100; pack=bag 200; cupboard=90; freezer=365
cashews | Cashews, raw | nut | 5.2 18.22 43.85 30.19 3.3 5.91 12 | SR 12087 high | has=nuts; cup=130; tbsp=9; pack=bag 200; cupboard=120
pecans | Pecans | nut | 3.52 9.17 71.97 13.86 9.6 3.97 0 | SR 12142 high | has=nuts; cup=109; cupboard=90
pistachios | Pistachios | nut | 4.37 20.16 45.32 27.17 10.6 7.66 1 | SR 12151 high | has=nuts; cup=123; cupboard=120
brazil-nuts | Brazil nuts | nut | 3.42 14.32 67.1 11.74 7.5 2.33 3 | SR 12078 high | has=nuts; cup=133; cupboard=90
macadamias | Macadamia nuts | nut | 1.36 7.91 75.77 13.82 8.6 4.57 5 | SR 12131 high | has=nuts; cup=134; cupboard=90
almond-butter | Almond butter | nut | 1.64 20.96 55.5 18.82 10.3 4.43 7 | SR 12195 high | has=nuts; ask=peanut, sesame; tbsp=16; cup=250; cupboard=90
cashew-butter | Cashew butter | nut | 2.96 17.56 49.41 27.57 2 5.01 15 | SR 12088 medium | has=nuts; ask=peanut, sesame; tbsp=16; cup=256; cupboard=90
ground-almonds | Ground almonds | nut | 4.41 21.15 49.93 21.55 12.5 4.35 1 | SR 12061 medium; as proxy | also=almond flour, almond meal; has=nuts; ask=peanut, sesame; cup=96; tbsp=6; cupboard=90
bitter-almonds | Bitter almonds | nut | 5 20 50 22 12 4 1 | K low | has=nuts; cupboard=180
apricot-kernels | Apricot kernels, bitter | nut | 5 25 45 22 8 6 3 | K low | also=bitter apricot kernels; ask=nuts; cupboard=180
almonds | Almonds | nut | 4.41 21.15 49.93 21.55 12.5 4.35 1 | SR 12061 high | has=nuts; cup=143; cupboard=180
hazelnuts | Hazelnuts | nut | 5.31 14.95 60.75 16.7 9.7 4.34 0 | SR 12120 high | also=cobnuts, filberts; has=nuts; cup=135; cupboard=120
peanut-butter | Peanut butter, unsalted | nut | 1.23 22.21 51.36 22.31 5 10.49 17 | SR medium | has=peanut; ask=nuts, soy, sesame; tbsp=16; cup=258; cupboard=90
peanuts | Peanuts | nut | 6.5 25.8 49.24 16.13 8.5 4.72 18 | SR 16087 high | also=groundnuts; has=peanut; ask=nuts, sesame; cup=146; cupboard=120
pine-nuts | Pine nuts | nut | 2.28 13.69 68.37 13.08 3.7 3.59 2 | SR 12147 high; a tree nut in the United States, none in Annex II | also=pignoli; has=nuts; cup=135; tbsp=8.6; fridge=60
sunflower-seeds | Sunflower seeds | nut | 4.73 20.78 51.46 20 8.6 2.62 9 | SR 12036 high | cup=140; tbsp=9; cupboard=120
pumpkin-seeds | Pumpkin seeds | nut | 5.23 30.23 49.05 10.71 6 1.4 7 | SR 12014 high | also=pepitas; cup=129; tbsp=8; cupboard=120
sesame-seeds | Sesame seeds | nut | 4.69 17.73 49.67 23.45 11.8 0.3 11 | SR 12023 high | also=benne; has=sesame; tbsp=9; cup=144; cupboard=180
poppy-seeds | Poppy seeds | nut | 5.95 17.99 41.56 28.13 19.5 2.99 26 | SR 02033 high | ask=sesame; tbsp=8.8; tsp=2.8; cupboard=180
coconut-desiccated | Desiccated coconut | nut | 3 6.88 64.53 23.65 16.3 7.35 37 | SR 12108 high | ask=sulphites; cup=80; tbsp=5; cupboard=180
coconut-creamed | Creamed coconut | nut | 2 6 66 21 15 7 30 | L low | ask=sulphites; tbsp=15; cupboard=365
chocolate-dark | Dark chocolate, 70 % | other | 1.37 7.79 42.63 45.9 10.9 23.99 20 | SR 19904 medium | ask=milk, soy, nuts, peanut, gluten; cupboard=365; bought=yes
hummus | Hummus | other | 66.59 7.9 9.6 14.29 6 0.27 379 | SR 16158 medium | also=houmous; has=sesame; ask=sulphites; tbsp=15; cup=246; fridge=3; bought=yes
yeast-dried | Dried yeast | other | 5.08 40.44 7.61 41.22 26.9 0 51 | SR 18375 high | also=instant yeast, fast-action yeast; ask=gluten; tsp=3.1; cupboard=365
tahini | Tahini | nut | 3.05 17 53.76 21.19 9.3 0.49 115 | SR 12166 high | also=sesame paste; has=sesame; ask=nuts, peanut; tbsp=15; cup=240; cupboard=180
ground-flax | Ground flax seed | nut | 6.96 18.29 42.16 28.88 27.3 1.55 30 | SR 12220 high | also=linseed, flaxmeal; tbsp=7; cup=104; fridge=60
ground-chia | Ground chia seed | nut | 5.8 16.54 30.74 42.12 34.4 ? 16 | SR 12006 high | also=chia; tbsp=7; cupboard=120

oats | Rolled oats | grain | 10.84 13.15 6.52 67.7 10.1 0.99 6 | SR 08120 high | also=porridge oats, oatmeal; unless=gluten; cup=81; tbsp=5.1; cupboard=180
oat-flour | Oat flour | grain | 8.55 14.66 9.12 65.7 6.5 0.8 19 | SR medium | unless=gluten; cup=95; tbsp=5.9; cupboard=90
wheat-flour | Wheat flour, plain | grain | 11.92 10.33 0.98 76.31 2.7 0.27 2 | SR high | also=all-purpose flour, type 550; has=gluten; cup=125; tbsp=7.8; cupboard=180
wholemeal-flour | Wheat flour, wholemeal | grain | 10.74 13.21 2.5 71.97 10.7 0.41 2 | SR 20080 high | also=whole wheat flour, wholewheat flour; has=gluten; cup=120; tbsp=7.5; cupboard=120
semolina | Semolina | grain | 12.67 12.68 1.05 72.83 3.9 ? 1 | SR 20066 high | also=durum semolina; has=gluten; cup=167; tbsp=10.4; cupboard=180
gf-flour | Gluten-free flour mix | grain | 11 5 1.2 81 2.5 0.8 20 | L low | also=plain gluten-free flour; ask=gluten, soy, lupin, milk; cup=140; tbsp=8.8; cupboard=180
brown-rice-flour | Brown rice flour | grain | 11.97 7.23 2.78 76.48 4.6 0.85 8 | SR 20090 high | ask=gluten; cup=158; tbsp=9.9; cupboard=120
rice-flour | Rice flour | grain | 11.89 5.95 1.42 80.13 2.4 0.12 0 | SR 20061 high | ask=gluten; cup=158; tbsp=9.9; cupboard=180
buckwheat-flour | Buckwheat flour | grain | 11.15 12.62 3.1 70.59 10 2.6 11 | SR 20011 high | ask=gluten; cup=120; tbsp=7.5; cupboard=120
quinoa-flour | Quinoa flour | grain | 10 14 6 66 7 2 5 | K low | ask=gluten; cup=112; tbsp=7; cupboard=120
polenta | Maize meal (polenta) | grain | 11 7 1.8 79 4 1 5 | SR medium | also=cornmeal, grits; ask=gluten; cup=157; tbsp=9.8; cupboard=180
gluten | Vital wheat gluten | grain | 8.2 75.16 1.85 13.79 0.6 0 29 | SR 48052 high | also=wheat protein, gluten flour; has=gluten; cup=120; tbsp=7.6; cupboard=365
methylcellulose | Methylcellulose | other | 5 0 0 94 92 0 400 | K low | also=vegetable gum binder; tbsp=6; cupboard=700
xanthan | Xanthan gum | other | 10 5 0 78 76 0 3000 | K low | ask=soy, gluten, milk; tsp=2.5; cupboard=700
breadcrumbs | Dry breadcrumbs | grain | 6.51 13.35 5.3 71.98 4.5 6.2 732 | SR 18079 high | has=gluten; ask=soy, milk, sesame, egg, lupin; cup=108; tbsp=6.8; cupboard=120; bought=yes
panko | Coarse dry crumbs | grain | 7 12 3 74 4 4 450 | L low | also=panko-style crumbs; has=gluten; ask=soy, milk, sesame, egg, lupin; cup=55; tbsp=3.4; cupboard=120
gf-crumbs | Gluten-free crumbs | grain | 8 5 4 79 4 4 500 | L low | ask=soy, egg, milk, lupin, gluten, sesame; cup=100; tbsp=6.3; cupboard=120
corn-starch | Corn starch | starch | 8.32 0.26 0.05 91.27 0.9 0 9 | SR 20027 high | also=cornflour, maize starch; tbsp=8; cup=128; cupboard=365
potato-starch | Potato starch | starch | 16 0.1 0.1 83 0.1 0 8 | K medium; 160–190 g a cup | ask=sulphites; cupboard=365
tapioca-starch | Tapioca starch | starch | 10.99 0.19 0.02 88.69 0.9 3.35 1 | SR 20068 medium | also=cassava starch, tapioca flour; ask=sulphites; tbsp=7.8; cup=120; cupboard=365
arrowroot | Arrowroot starch | starch | 11.37 0.3 0.1 88.15 3.4 0 2 | SR 20003 high | tbsp=8; cup=128; cupboard=365
husk | Psyllium husk | starch | 6 2 1 86 80 ? 60 | L low | also=ispaghula, flea seed husk; tbsp=5; cupboard=365
husk-powder | Psyllium husk powder | starch | 6 2 1 86 80 ? 60 | L low | also=ground psyllium; tbsp=9.5; cupboard=365
rice-white | White rice, dry | grain | 11.62 7.13 0.66 79.95 1.3 0.12 5 | SR 20044 high | also=long-grain rice, basmati; cup=185; pack=bag 1000; cupboard=700
rice-brown | Brown rice, dry | grain | 10.37 7.94 2.92 77.24 3.5 0.85 7 | SR 20036 medium | also=wholegrain rice; cup=185; pack=bag 1000; cupboard=180
rice-cooked | Rice, cooked | grain | 68.44 2.69 0.28 28.17 0.4 0.05 1 | SR 20045 high | cup=158; fridge=1
pasta | Pasta, dry (wheat) | grain | 9.9 13.04 1.51 74.67 3.2 2.67 6 | SR 20120 high | also=macaroni, penne, lasagne sheets; has=gluten; ask=egg, soy, lupin; cup=100; pack=bag 500; cupboard=700
pasta-gf | Pasta, dry, gluten-free | grain | 10 7 1.5 79 2 1 5 | L low | also=maize pasta, rice pasta; ask=egg, soy, lupin, gluten; cup=100; pack=bag 400; cupboard=700
pearl-barley | Pearl barley, dry | grain | 10.09 9.91 1.16 77.72 15.6 0.8 9 | SR 20005 high | has=gluten; wheat=ask; cup=200; pack=bag 500; cupboard=365
bulgur | Bulgur, dry | grain | 9 12.29 1.33 75.87 12.5 0.41 17 | SR 20012 high | has=gluten; cup=140; pack=bag 500; cupboard=365
couscous | Couscous, dry | grain | 8.56 12.76 0.64 77.43 5 ? 10 | SR 20028 high | has=gluten; cup=173; pack=bag 500; cupboard=365
rice-noodles | Rice noodles, dry | grain | 11.9 5.95 0.56 80.18 1.6 0.12 182 | SR 20133 medium | also=rice vermicelli; ask=gluten; pack=bag 250; cupboard=700; bought=yes
wheat-noodles | Wheat noodles, dry | grain | 9.5 11.5 1.2 75 3 2 500 | L low | also=ramen noodles, udon, somen, chow mein noodles; has=gluten; ask=egg, soy; pack=bag 250; cupboard=365
rice-paper | Rice paper, dry | grain | 12 1 0.2 86 0.8 0 400 | L low | also=rice paper wrappers, spring roll wrappers (rice); ask=gluten; pack=bag 200; cupboard=700
puff-pastry | Puff pastry, raw | grain | 31 5.5 23 38 1.6 1.2 400 | L low | has=gluten; ask=milk, egg, soy, sulphites; pack=sheet 275; fridge=2; freezer=90
shortcrust | Shortcrust pastry, raw | grain | 20 5.5 27 45.5 2 1.5 380 | L low | also=pie crust, pie dough; has=gluten; ask=milk, egg, soy, sulphites; pack=sheet 320, block 500; fridge=2; freezer=90
filo | Filo pastry, raw | grain | 32.6 7.1 6 52.6 1.9 0.18 483 | SR 18338 high | also=phyllo, fillo; has=gluten; ask=milk, egg, soy, sulphites; pack=bag 270; fridge=2; freezer=90; bought=yes
corn-husks | Corn husks, dried, to wrap in | other | 8 4 1 84 30 2 20 | K low; not eaten | also=tamale husks; cupboard=365
quinoa | Quinoa, dry | grain | 13.28 14.12 6.07 64.16 7 ? 5 | SR 20035 high | ask=gluten; cup=170; pack=bag 500; cupboard=365
bread | Wheat bread | grain | 36.4 8.85 3.33 49.4 2.7 5.67 491 | SR medium | has=gluten; ask=soy, milk, sesame, lupin, egg, nuts; fridge=5; freezer=90; bought=yes
croutons | Croutons | grain | 5.5 11.9 6.6 73.5 5.1 4.4 698 | SR 18242 medium | has=gluten; ask=milk, egg, soy, sesame; cup=30; cupboard=30; bought=yes
tortilla-chips | Tortilla chips | grain | 1.5 7 22 67 5 1 400 | L low | ask=gluten, milk, soy; cup=26; cupboard=30
gnocchi | Potato gnocchi, ready | grain | 55 4 0.5 38 2 1 400 | L low | has=gluten; ask=egg, milk, sulphites; cup=150; pack=pack 500; fridge=5
buns | Burger buns | grain | 34.7 9.5 4.33 49.45 2.1 6.45 479 | SR 18350 medium | also=rolls, baps; has=gluten; ask=soy, milk, sesame, egg, lupin, nuts; fridge=4; freezer=90; bought=yes
flatbread | Wheat flatbread | grain | 31 8 6 52 3 3 600 | L low | also=wraps, pitta; has=gluten; ask=milk, soy, sesame, egg, lupin; fridge=5; freezer=90
tortilla-corn | Corn tortillas | grain | 45.9 5.7 2.85 44.64 6.3 0.88 45 | SR 18363 high | ask=gluten; fridge=7
baking-powder | Baking powder | other | 5 0 0 27.7 0.2 0 10600 | SR 18369 medium | ask=gluten; tsp=4.6; cupboard=365
baking-soda | Bicarbonate of soda | other | 0.2 0 0 0 0 0 27360 | SR 18372 high | also=baking soda; tsp=4.6; cupboard=365

rapeseed-oil | Rapeseed oil | fat | 0 0 100 0 0 0 0 | SR high | also=canola oil; tbsp=13.6; tsp=4.5; cup=218; cupboard=180
olive-oil | Olive oil | fat | 0 0 100 0 0 0 2 | SR 04053 high | tbsp=13.5; tsp=4.5; cup=216; cupboard=180
sunflower-oil | Sunflower oil | fat | 0 0 100 0 0 0 0 | SR high | also=frying oil; tbsp=13.6; tsp=4.5; cup=218; cupboard=180
sesame-oil | Sesame oil, toasted | fat | 0 0 100 0 0 0 0 | SR high | has=sesame; ask=soy; tbsp=13.6; tsp=4.5; cupboard=180
chilli-oil | Chilli oil | fat | 0 0 99 1 0 0 20 | L low | ask=soy, sesame, peanut, gluten, crustaceans, fish; tbsp=13.6; tsp=4.5; cupboard=180
suet-vegetable | Vegetable suet | fat | 1 1 86 11.5 0.5 0 10 | L low | has=gluten; ask=soy; tbsp=12; cup=120; cupboard=180
truffle-oil | Truffle oil | fat | 0 0 100 0 0 0 0 | L low | ask=milk; tbsp=13.6; tsp=4.5; cupboard=180
vegetable-oil | Vegetable oil, blended | fat | 0 0 100 0 0 0 0 | L medium | also=salad oil; ask=soy; tbsp=13.6; tsp=4.5; cup=218; cupboard=180
walnut-oil | Walnut oil | fat | 0 0 100 0 0 0 0 | SR 04528 high | has=nuts; tbsp=13.6; tsp=4.5; cup=218; cupboard=90
hazelnut-oil | Hazelnut oil | fat | 0 0 100 0 0 0 0 | SR 04532 high | has=nuts; tbsp=13.6; tsp=4.5; cup=218; cupboard=90
peanut-oil | Peanut oil | fat | 0 0 100 0 0 0 0 | SR 04042 high; refined oil is let off the label in the United States, not in the Union | also=groundnut oil, arachis oil; has=peanut; tbsp=13.5; tsp=4.5; cup=216; cupboard=180
mustard-oil | Mustard oil | fat | 0 0 100 0 0 0 0 | SR 04583 high | has=mustard; tbsp=14; tsp=4.6; cup=218; cupboard=180
coconut-oil | Coconut oil | fat | 0 0 99 0 0 0 0 | SR high | tbsp=13.6; tsp=4.5; cup=218; cupboard=365
plant-butter | Plant butter | fat | 19 0.2 78 0.5 0 0 600 | L low | also=vegan block, plant margarine; ask=soy, milk, nuts, gluten, lupin; tbsp=14; tsp=4.7; cup=227; fridge=60
oat-cream | Oat cream | liquid | 80 1 13 6 0.8 4 50 | L low | also=oat cuisine, oat cooking cream; unless=gluten; cup=240; tbsp=15; pack=carton 250; fridge=4
soy-cream | Soy cream | liquid | 79 2.5 15 2 0.5 1.5 45 | L low | also=soya single; has=soy; ask=nuts, gluten; cup=240; tbsp=15; pack=carton 250; fridge=4
coconut-milk | Coconut milk, tinned | liquid | 72.9 2 21.3 2.8 0 ? 13 | SR medium | ask=sulphites; cup=226; pack=tin 400; fridge=4; freezer=60
oat-milk | Oat drink | liquid | 90 1 1.5 6.5 0.8 4 42 | L medium | also=oat milk; unless=gluten; cup=240; tbsp=15; pack=carton 1000; fridge=4
soy-milk | Soy drink, unsweetened | liquid | 91 3.3 1.9 0.8 0.6 0.3 35 | L medium | also=soya milk, soy milk; has=soy; ask=nuts, gluten; cup=243; tbsp=15; pack=carton 1000; fridge=4
aquafaba | Chickpea tin liquid (aquafaba) | liquid | 94.5 1.1 0.1 3 0.4 0.3 170 | L low | also=bean water; ask=sulphites; cup=240; tbsp=15; fridge=3; freezer=60
almond-milk | Almond drink, unsweetened | liquid | 96.5 0.6 1.2 0.6 0.3 0.1 60 | L medium | also=almond milk; has=nuts; ask=soy, gluten; cup=240; pack=carton 1000; fridge=4
soy-yoghurt | Soy yoghurt, plain | liquid | 88 4 2.3 2.5 1 1 40 | L medium | also=plant yogurt; has=soy; ask=nuts, gluten; cup=245; tbsp=15; acid=0.8; fridge=5
plant-mayonnaise | Plant mayonnaise | fat | 28 0.5 65 4 0.3 2 650 | L low | also=egg-free mayo; ask=mustard, soy, egg, celery, milk; tbsp=14; fridge=60
plant-cheese | Plant cheese, grating | other | 52 1 23 20 1 0.2 800 | L low | also=vegan cheese; ask=soy, nuts, milk, gluten, lupin, mustard; cup=100; pack=block 200; fridge=7; freezer=60
plant-cream-cheese | Plant cream cheese | other | 61 4 24 8 1 2 380 | L low | also=vegan cream cheese, soft plant cheese; ask=soy, nuts, milk, gluten, lupin; tbsp=15; cup=240; pack=tub 150; fridge=5

beef-mince | Beef mince | animal | 61.94 17.17 20 0 0 0 66 | SR 23572 high | also=ground beef, hamburger; cup=225; fridge=1; freezer=90
pork-mince | Pork mince | animal | 61.06 16.88 21.19 0 0 0 56 | SR 10219 high | also=ground pork; fridge=1; freezer=90
chicken-mince | Chicken mince | animal | 73.24 17.44 8.1 0.04 0 0 60 | SR 05332 high | also=ground chicken; fridge=1; freezer=90
lamb-mince | Lamb mince | animal | 59.47 16.56 23.41 0 0 0 59 | SR 17224 high | also=ground lamb; fridge=1; freezer=90
beef-strips | Beef strips | animal | 70 21.5 7 0 0 0 55 | SR medium | also=stir-fry beef; fridge=2; freezer=180
pork-shoulder | Pork shoulder | animal | 64 17.4 17.9 0 0 0 65 | SR medium | also=pulled pork cut, Boston butt; fridge=3; freezer=150
chicken-breast | Chicken breast | animal | 73.9 22.5 2.62 0 0 0 45 | SR 05062 high | fridge=2; freezer=180
bacon | Streaky bacon | animal | 40 12.6 39.7 1.3 0 1 660 | SR medium | also=rashers; ask=milk, sulphites; fridge=7; freezer=30
sausages | Pork sausages | animal | 53 15 27 1 0 0.8 740 | SR medium | ask=gluten, sulphites, milk, soy, mustard, celery, egg, sesame; fridge=2; freezer=60
ham | Cooked ham | animal | 68 19 6 2 0 1 1100 | SR medium | ask=milk, soy, gluten, celery; fridge=4
cod | Cod fillet | animal | 81.22 17.81 0.67 0 0 0 54 | SR 15015 high | also=white fish; has=fish; fridge=1; freezer=180
salmon | Salmon fillet | animal | 64.89 20.42 13.42 0 0 0 59 | SR 15236 high | has=fish; fridge=1; freezer=60
tuna-tinned | Tuna, tinned in water, drained | animal | 78.14 19.44 0.96 0 0 0 247 | SR 15121 high | has=fish; ask=soy; pack=tin 160/112; fridge=3
prawns | Prawns, raw | animal | 83.01 13.61 1.01 0.91 0 0 566 | SR 15270 medium | also=shrimp; has=crustaceans; ask=sulphites; fridge=1; freezer=90
egg | Egg | animal | 76.15 12.56 9.51 0.72 0 0.37 142 | SR 01123 high | has=egg; fridge=21
butter | Butter | animal | 17.94 0.85 81.11 0.06 0 0.06 11 | SR 01145 high | has=milk; tbsp=14.2; cup=227; fridge=30
milk | Cow's milk | animal | 88.13 3.15 3.25 4.8 0 5.05 43 | SR 01077 high | has=milk; cup=244; fridge=5
cream | Cream | animal | 57.71 2.05 37 2.8 0 2.8 38 | SR 01053 medium | has=milk; cup=240; fridge=4
cheddar | Hard cheese | animal | 36.75 22.87 33.31 3.09 0 0.48 653 | SR 01009 medium | also=cheddar-type cheese; has=milk; ask=egg; cup=113; fridge=21
`;
