const COLOURS = `Lemon yellow PY175;Hansa yellow light PY3;Hansa yellow medium PY74;Hansa yellow deep PY65;Nickel azo yellow PY150;
Indian yellow PY110;Benzimidazolone yellow PY154;Isoindoline yellow PY139;Naples yellow PW6 PY42;Pyrrole orange PO71;
Benzimidazolone orange PO62;Transparent orange PO73;Pyrrole scarlet PR255;Pyrrole red PR254;Naphthol red PR170;
Perylene red PR178;Perylene maroon PR179;Quinacridone rose PV19;Quinacridone red PR209;Quinacridone magenta PR122;
Quinacridone violet PV55;Potter's pink PR233;Cobalt violet PV14;Manganese violet PV16;Dioxazine violet PV23;
Ultramarine violet PV15;French ultramarine PB29;Cobalt blue PB28;Cerulean blue PB35;Cerulean chromium PB36;
Phthalo blue green shade PB15:3;Phthalo blue red shade PB15:6;Prussian blue PB27;Phthalo turquoise PB16;Cobalt turquoise PG50;
Viridian PG18;Phthalo green blue shade PG7;Phthalo green yellow shade PG36;Chromium oxide green PG17;Perylene green PBk31;
Green gold PY129;Sap green PG7 PY150;Terre verte PG23;Yellow ochre PY43;Gold ochre PY42;
Raw sienna PBr7;Burnt sienna PBr7;Burnt umber PBr7;Raw umber PBr7;Venetian red PR101;
Transparent red iron oxide PR101;Transparent yellow iron oxide PY42;Mars black PBk11;Lamp black PBk6;Ivory black PBk9;
Payne's grey PB29 PBk6;Neutral tint PBk6 PB15:3 PV19;Titanium white PW6;Buff titanium PW6:1;Graphite grey PBk10`
/** Sixty paints as somebody lists them, by names of the trade. */
export const SIXTY = COLOURS.split(';').map((line) => line.trim())
const MAKERS = ['Northwall', 'Skerry Colours', 'Halvard & Roe']
/** The same as a list to be pasted: makers are invented. */
export const LIST = SIXTY.map((line, i) => `${line}, ${MAKERS[i % MAKERS.length]}, 15 ml`).join('\n')
