BEGIN TRANSACTION;
CREATE TABLE alembic_version (
	version_num VARCHAR(32) NOT NULL, 
	CONSTRAINT alembic_version_pkc PRIMARY KEY (version_num)
);
INSERT INTO "alembic_version" VALUES('0003');
CREATE TABLE edit (
	id INTEGER NOT NULL, 
	piece_id VARCHAR(32) NOT NULL, 
	number INTEGER NOT NULL, 
	words VARCHAR(200) NOT NULL, 
	"before" JSON NOT NULL, 
	"after" JSON NOT NULL, 
	created VARCHAR(32) NOT NULL, 
	PRIMARY KEY (id), 
	FOREIGN KEY(piece_id) REFERENCES piece (id) ON DELETE CASCADE, 
	UNIQUE (piece_id, number)
);
INSERT INTO "edit" VALUES(1,'e4019b0aa2e64bc2adf321b32af0a3a6',1,'bands to 4','{"order": null, "groups": null, "own_passes": [], "dropped": [], "tools": [], "bands": 5, "thresholds": null}','{"order": null, "groups": null, "own_passes": [], "dropped": [], "tools": [], "bands": 4, "thresholds": null}','2026-11-29T00:40:44.624+00:00');
INSERT INTO "edit" VALUES(2,'e4019b0aa2e64bc2adf321b32af0a3a6',2,'squint to 1.5','{"order": null, "groups": null, "own_passes": [], "dropped": [], "tools": [], "squint": 1.0}','{"order": null, "groups": null, "own_passes": [], "dropped": [], "tools": [], "squint": 1.5}','2026-11-29T00:40:44.652+00:00');
INSERT INTO "edit" VALUES(3,'61b0dd7df25e48dbadc88a9cbae9d0d3',1,'school to both-ends','{"order": null, "groups": null, "own_passes": [], "dropped": [], "tools": [], "school": null}','{"order": null, "groups": null, "own_passes": [], "dropped": [], "tools": [], "school": "both-ends"}','2026-11-29T00:40:45.026+00:00');
INSERT INTO "edit" VALUES(4,'61b0dd7df25e48dbadc88a9cbae9d0d3',2,'intent, how lights are kept','{"order": null, "groups": null, "own_passes": [], "dropped": [], "tools": [], "intent": {"sentence": "", "about": null, "mood": "as-seen", "minutes": null, "deadline": ""}, "ways": []}','{"order": null, "groups": null, "own_passes": [], "dropped": [], "tools": [], "intent": {"sentence": "the cup", "about": null, "mood": "darker", "minutes": null, "deadline": ""}, "ways": [{"mass": "m1", "way": "mask"}]}','2026-11-29T00:40:45.046+00:00');
CREATE TABLE own_school (
	"key" VARCHAR(160) NOT NULL, 
	created VARCHAR(32) NOT NULL, 
	PRIMARY KEY ("key")
);
CREATE TABLE piece (
	id VARCHAR(32) NOT NULL, 
	name VARCHAR(120) NOT NULL, 
	reference_hash VARCHAR(64), 
	shapes JSON, 
	settings JSON NOT NULL, 
	revision INTEGER NOT NULL, 
	cursor INTEGER NOT NULL, 
	next_mass INTEGER NOT NULL, 
	created VARCHAR(32) NOT NULL, 
	PRIMARY KEY (id), 
	FOREIGN KEY(reference_hash) REFERENCES reference (hash)
);
INSERT INTO "piece" VALUES('e4019b0aa2e64bc2adf321b32af0a3a6','In mind',NULL,'[{"points": [[0.0, 0.0], [1.0, 0.0], [1.0, 0.4], [0.0, 0.4]], "value": 8.0, "a": 0.0, "b": 0.0}, {"points": [[0.0, 0.4], [1.0, 0.4], [1.0, 1.0], [0.0, 1.0]], "value": 4.0, "a": 0.0, "b": 0.0}, {"points": [[0.3, 0.3], [0.6, 0.3], [0.45, 0.8]], "value": 2.5, "a": 0.0, "b": 10.0}]','{"medium": "oil", "surface": "value:6", "width_cm": 40.0, "height_cm": 30.0, "school": null, "passes": null, "bands": 4, "even": false, "thresholds": null, "squint": 1.0, "names": [], "order": null, "areas": {"strokes": [], "names": [], "families": [], "depths": []}, "arrangement": {"crop": {"left": 0.0, "top": 0.0, "right": 1.0, "bottom": 1.0}, "level": 0.0, "moves": [], "accents": []}, "spread": false, "margin_cm": 0.0, "focus": null, "light": null, "ground": null, "palette": [], "intent": {"sentence": "", "about": null, "mood": "as-seen", "minutes": null, "deadline": ""}, "opening": {"darks": 0.0, "lights": 0.0}, "borrowed": [], "sources": [], "stock": null, "side": "", "ways": [], "whites": true, "holds": [], "pins": [], "aim": null, "groups": null, "mixed": [], "own_passes": [], "dropped": [], "tools": []}',3,1,4,'2026-11-29T00:40:40.967+00:00');
INSERT INTO "piece" VALUES('61b0dd7df25e48dbadc88a9cbae9d0d3','Photo','90e014987565f02cf7ca03201b8431eeb78eb8f5896e3c2f6c9948ca2bd7d070','null','{"medium": "watercolour", "surface": "white", "width_cm": 40.0, "height_cm": 30.0, "school": "both-ends", "passes": null, "bands": 5, "even": false, "thresholds": null, "squint": 1.0, "names": [], "order": null, "areas": {"strokes": [], "names": [], "families": [], "depths": []}, "arrangement": {"crop": {"left": 0.0, "top": 0.0, "right": 1.0, "bottom": 1.0}, "level": 0.0, "moves": [], "accents": []}, "spread": false, "margin_cm": 0.0, "focus": null, "light": null, "ground": null, "palette": [], "intent": {"sentence": "the cup", "about": null, "mood": "darker", "minutes": null, "deadline": ""}, "opening": {"darks": 0.0, "lights": 0.0}, "borrowed": [], "sources": [], "stock": null, "side": "", "ways": [{"mass": "m1", "way": "mask"}], "whites": true, "holds": [], "pins": [], "aim": null, "groups": null, "mixed": [], "own_passes": [], "dropped": [], "tools": []}',2,2,1,'2026-11-29T00:40:45.005+00:00');
CREATE TABLE "plan" (
	id INTEGER NOT NULL, 
	piece_id VARCHAR(32) NOT NULL, 
	"key" VARCHAR(64) NOT NULL, 
	engine VARCHAR(20) NOT NULL, 
	document TEXT NOT NULL, 
	"view" JSON NOT NULL, 
	created VARCHAR(32) NOT NULL, 
	PRIMARY KEY (id), 
	FOREIGN KEY(piece_id) REFERENCES piece (id) ON DELETE CASCADE, 
	UNIQUE (piece_id, "key")
);
INSERT INTO "plan" VALUES(1,'e4019b0aa2e64bc2adf321b32af0a3a6','9b642462bb0323d3423a08b10ef790555513f56f6f6cbbe0a84bfb67b6b7c3d8','0.1.0','{
 "washboard": 1,
 "engine": "0.1.0",
 "piece": "In mind",
 "medium": "oil",
 "school": "dark-to-light",
 "schoolReason": "Oil on middle grey (value 6.0): opaque paint covers, so darks and middles go in loosely and the lights are set on them last.",
 "surface": {
  "words": "value:6",
  "value": 6.0,
  "lab": [
   61.0465,
   0.0,
   0.0
  ]
 },
 "sheet": {
  "widthCm": 40.0,
  "heightCm": 30.0,
  "pictureWidthCm": 40.0,
  "pictureHeightCm": 30.0
 },
 "reference": null,
 "key": {
  "measured": [
   2.4943,
   8.0083
  ],
  "planned": [
   2.4943,
   8.0083
  ],
  "lowest": 1.5,
  "highest": 9.3
 },
 "labelMap": "5885c758c7313fadad959a643c7a249ff77196be2845af50a8dfec3ce070dd08",
 "masses": [
  {
   "id": "m1",
   "label": 1,
   "name": null,
   "called": "the light grey across the top",
   "kind": "flat",
   "light": true,
   "value": 8.0083,
   "targetValue": 8.0083,
   "spread": 0.0,
   "lab": [
    80.6041,
    0.0,
    0.0
   ],
   "share": 0.373,
   "areaCm2": 447.5472,
   "band": 4,
   "bandRange": [
    8.0,
    9.3
   ],
   "valueRange": [
    8.0083,
    8.0083
   ],
   "area": "a10",
   "depth": 0,
   "reserved": false,
   "outlineCm": 111.7959,
   "narrowestMm": 90.0,
   "widthMm": 119.6,
   "pieces": 1,
   "centre": [
    0.5036,
    0.1893
   ],
   "box": [
    0.0,
    0.0,
    1.0,
    0.4
   ],
   "inside": [
    0.1495,
    0.1993
   ],
   "ends": [
    [
     80.6041,
     0.0,
     0.0
    ],
    [
     80.6041,
     0.0,
     0.0
    ]
   ],
   "targetEnds": [
    [
     80.6072,
     0.0,
     0.0
    ],
    [
     80.6072,
     0.0,
     0.0
    ]
   ],
   "direction": null,
   "neighbours": [
    {
     "mass": "m2",
     "lengthCm": 29.4104,
     "softnessMm": 0.12,
     "hardness": 1.0
    },
    {
     "mass": "m3",
     "lengthCm": 18.3855,
     "softnessMm": 0.12,
     "hardness": 1.0
    }
   ]
  },
  {
   "id": "m2",
   "label": 2,
   "name": null,
   "called": "the deep grey over most of the picture",
   "kind": "flat",
   "light": true,
   "value": 3.999,
   "targetValue": 3.999,
   "spread": 0.0,
   "lab": [
    40.7305,
    0.0,
    0.0
   ],
   "share": 0.5518,
   "areaCm2": 662.1536,
   "band": 1,
   "bandRange": [
    2.0,
    4.0
   ],
   "valueRange": [
    3.999,
    3.999
   ],
   "area": "a11",
   "depth": 0,
   "reserved": false,
   "outlineCm": 132.575,
   "narrowestMm": 64.4,
   "widthMm": 179.6,
   "pieces": 1,
   "centre": [
    0.5043,
    0.7145
   ],
   "box": [
    0.0,
    0.4,
    1.0,
    1.0
   ],
   "inside": [
    0.7235,
    0.6993
   ],
   "ends": [
    [
     40.7305,
     0.0,
     0.0
    ],
    [
     40.7305,
     0.0,
     0.0
    ]
   ],
   "targetEnds": [
    [
     40.7261,
     0.0,
     0.0
    ],
    [
     40.7261,
     0.0,
     0.0
    ]
   ],
   "direction": null,
   "neighbours": [
    {
     "mass": "m1",
     "lengthCm": 29.4104,
     "softnessMm": 0.12,
     "hardness": 1.0
    },
    {
     "mass": "m3",
     "lengthCm": 27.1646,
     "softnessMm": 0.12,
     "hardness": 1.0
    }
   ]
  },
  {
   "id": "m3",
   "label": 3,
   "name": null,
   "called": "the dark olive-grey in the middle",
   "kind": "flat",
   "light": true,
   "value": 2.4943,
   "targetValue": 2.4943,
   "spread": 0.0,
   "lab": [
    25.1858,
    0.4213,
    9.8062
   ],
   "share": 0.0752,
   "areaCm2": 90.2992,
   "band": 1,
   "bandRange": [
    2.0,
    4.0
   ],
   "valueRange": [
    2.4943,
    2.4943
   ],
   "area": "a12",
   "depth": 0,
   "reserved": false,
   "outlineCm": 45.5501,
   "narrowestMm": 2.0,
   "widthMm": 80.9263,
   "pieces": 1,
   "centre": [
    0.4502,
    0.467
   ],
   "box": [
    0.3,
    0.3,
    0.6,
    0.8
   ],
   "inside": [
    0.4505,
    0.4353
   ],
   "ends": [
    [
     25.1858,
     0.4213,
     9.8062
    ],
    [
     25.1858,
     0.4213,
     9.8062
    ]
   ],
   "targetEnds": [
    [
     25.1987,
     0.4213,
     9.8062
    ],
    [
     25.1987,
     0.4213,
     9.8062
    ]
   ],
   "direction": null,
   "neighbours": [
    {
     "mass": "m1",
     "lengthCm": 18.3855,
     "softnessMm": 0.12,
     "hardness": 1.0
    },
    {
     "mass": "m2",
     "lengthCm": 27.1646,
     "softnessMm": 0.12,
     "hardness": 1.0
    }
   ]
  }
 ],
 "passes": [
  {
   "id": "p1",
   "title": "Darker than the ground: the dark olive-grey in the middle",
   "reason": "Its edge toward the deep grey over most of the picture and the light grey across the top may stay loose: they come later and cut those 46 cm once, 1 min not spent twice.",
   "what": "Block in the dark olive-grey in the middle.",
   "where": "the dark olive-grey in the middle",
   "edge": "firm, 46 cm",
   "values": [
    2.4943,
    2.4943
   ],
   "minutes": 4.1878,
   "waitMinutes": 0.0,
   "needs": "bare, dry",
   "maxLagMinutes": null,
   "operations": [
    {
     "mass": "m3",
     "kind": "block-in",
     "role": "target",
     "cover": 1.0,
     "fromValue": 6.0,
     "toValue": 2.4918,
     "steps": 1,
     "staining": 0.0,
     "oil": 0.3,
     "toxic": false
    },
    {
     "mass": "m1",
     "kind": "block-in",
     "role": "overlap",
     "cover": 0.0246,
     "fromValue": 6.0,
     "toValue": 6.0,
     "steps": 1,
     "staining": 0.0,
     "oil": 0.0,
     "toxic": false
    },
    {
     "mass": "m2",
     "kind": "block-in",
     "role": "overlap",
     "cover": 0.0246,
     "fromValue": 6.0,
     "toValue": 6.0,
     "steps": 1,
     "staining": 0.0,
     "oil": 0.0,
     "toxic": false
    }
   ],
   "reasons": [
    {
     "kind": "loose",
     "sentence": "Its edge toward the deep grey over most of the picture and the light grey across the top may stay loose: they come later and cut those 46 cm once, 1 min not spent twice.",
     "masses": [
      "m1",
      "m2"
     ],
     "figures": {
      "cm": 45.5614,
      "minutes": 1.139
     }
    }
   ],
   "findings": [],
   "beside": false,
   "between": 0.0
  },
  {
   "id": "p2",
   "title": "Deep grey, 4.0: the deep grey over most of the picture",
   "reason": "Its edge toward the light grey across the top may stay loose: that comes later and cuts those 29 cm once.",
   "what": "Block in the deep grey over most of the picture.",
   "where": "the deep grey over most of the picture",
   "edge": "firm, 57 cm",
   "values": [
    3.999,
    3.999
   ],
   "minutes": 16.0945,
   "waitMinutes": 0.0,
   "needs": "wet paint beside it is fine",
   "maxLagMinutes": null,
   "operations": [
    {
     "mass": "m2",
     "kind": "block-in",
     "role": "target",
     "cover": 1.0,
     "fromValue": 6.0,
     "toValue": 4.0019,
     "steps": 1,
     "staining": 0.0,
     "oil": 0.34,
     "toxic": false
    },
    {
     "mass": "m1",
     "kind": "block-in",
     "role": "overlap",
     "cover": 0.0394,
     "fromValue": 6.0,
     "toValue": 6.0,
     "steps": 1,
     "staining": 0.0,
     "oil": 0.0,
     "toxic": false
    }
   ],
   "reasons": [
    {
     "kind": "loose",
     "sentence": "Its edge toward the light grey across the top may stay loose: that comes later and cuts those 29 cm once.",
     "masses": [
      "m1"
     ],
     "figures": {
      "cm": 29.4104,
      "minutes": 0.7353
     }
    }
   ],
   "findings": [],
   "beside": false,
   "between": 0.0
  },
  {
   "id": "p3",
   "title": "Last, light grey, 8.0: the light grey across the top",
   "reason": "It is the last, at 8.0: nothing comes over it any more.",
   "what": "Block in the light grey across the top.",
   "where": "the light grey across the top",
   "edge": "firm, 48 cm",
   "values": [
    8.0083,
    8.0083
   ],
   "minutes": 6.9924,
   "waitMinutes": 0.0,
   "needs": "wet paint beside it is fine",
   "maxLagMinutes": null,
   "operations": [
    {
     "mass": "m1",
     "kind": "block-in",
     "role": "target",
     "cover": 1.0,
     "fromValue": 6.0,
     "toValue": 8.0409,
     "steps": 1,
     "staining": 0.0,
     "oil": 0.38,
     "toxic": false
    }
   ],
   "reasons": [
    {
     "kind": "last",
     "sentence": "It is the last, at 8.0: nothing comes over it any more.",
     "masses": [],
     "figures": {
      "low": 8.0083,
      "high": 8.0083
     }
    }
   ],
   "findings": [],
   "beside": false,
   "between": 0.0
  }
 ],
 "predicted": {
  "values": [
   [
    6.0,
    6.0,
    6.0
   ],
   [
    6.0,
    6.0,
    2.4918
   ],
   [
    6.0,
    4.0019,
    2.4918
   ],
   [
    8.0409,
    4.0019,
    2.4918
   ]
  ]
 },
 "notes": [
  "The reference''s values fit into 1.5 to 9.3 as they are."
 ],
 "toning": null,
 "areas": [
  {
   "id": "a10",
   "name": "light grey across the top",
   "share": 0.3729,
   "value": 8.0083,
   "depth": 0,
   "family": "light"
  },
  {
   "id": "a11",
   "name": "deep grey over most of the picture",
   "share": 0.5516,
   "value": 3.999,
   "depth": 1,
   "family": "unsure"
  },
  {
   "id": "a12",
   "name": "dark olive-grey in the middle",
   "share": 0.0755,
   "value": 2.4943,
   "depth": 2,
   "family": "shadow"
  }
 ],
 "reserves": [],
 "ties": [
  2
 ],
 "shapes": 3
}','{"areaWidth": 1000, "areaHeight": 750, "width": 1000, "height": 750, "thresholds": [2.0, 4.0, 6.0, 8.0], "histogram": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.04457, 0.02621, 0.00261, 0.00055, 0.00027, 0.00017, 7e-05, 4e-05, 8e-05, 7e-05, 8e-05, 9e-05, 9e-05, 5e-05, 7e-05, 3e-05, 7e-05, 7e-05, 7e-05, 8e-05, 9e-05, 6e-05, 8e-05, 4e-05, 5e-05, 5e-05, 9e-05, 0.00011, 0.00021, 0.00368, 0.54714, 0.0, 0.0, 0.0, 0.0, 1e-05, 2e-05, 1e-05, 0.0, 2e-05, 2e-05, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 1e-05, 0.0, 0.0, 0.0, 1e-05, 1e-05, 1e-05, 0.0, 1e-05, 0.0, 0.0, 0.0, 0.0, 1e-05, 0.0, 0.0, 0.0, 0.0, 1e-05, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 1e-05, 0.0, 0.0, 0.0, 1e-05, 3e-05, 1e-05, 3e-05, 0.0, 0.0, 1e-05, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 1e-05, 0.0, 3e-05, 0.0, 0.0, 0.0, 1e-05, 0.0, 3e-05, 2e-05, 0.00269, 0.37001, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0], "crushed": 0.0, "blown": 0.0, "colours": [[[[147, 147, 147], [147, 147, 147]], [[147, 147, 147], [147, 147, 147]], [[147, 147, 147], [147, 147, 147]]], [[[147, 147, 147], [147, 147, 147]], [[147, 147, 147], [147, 147, 147]], [[66, 59, 45], [66, 59, 45]]], [[[147, 147, 147], [147, 147, 147]], [[100, 95, 96], [100, 95, 96]], [[66, 59, 45], [66, 59, 45]]], [[[201, 201, 201], [201, 201, 201]], [[100, 95, 96], [100, 95, 96]], [[66, 59, 45], [66, 59, 45]]]], "greys": [[[147, 147], [147, 147], [147, 147]], [[147, 147], [147, 147], [60, 60]], [[147, 147], [96, 96], [60, 60]], [[201, 201], [96, 96], [60, 60]]], "patchMass": [0, 1, 2], "nextMass": 4, "areas": [{"id": "a10", "label": 10, "name": null, "called": "light grey across the top", "share": 0.3729, "value": 8.01, "family": "light", "gap": 4.05, "depth": 0, "inside": [0.1482, 0.198]}, {"id": "a11", "label": 11, "name": null, "called": "deep grey over most of the picture", "share": 0.5516, "value": 4.0, "family": "unsure", "gap": 0.04, "depth": 1, "inside": [0.726, 0.698]}, {"id": "a12", "label": 12, "name": null, "called": "dark olive-grey in the middle", "share": 0.0755, "value": 2.49, "family": "shadow", "gap": 1.47, "depth": 2, "inside": [0.4506, 0.434]}], "back": [0.0, 1.0, 0.0, 0.0, 0.0, 1.0], "school": "Dark to light", "photo": [], "media": {"maps": "1167075ef123f6c68842fbba95a4d99d7bc584425e400c173fbd6acd668b4aa2", "labels": "b1c0cee569a67f0b35dd9d4c388d366ff99b5e7a64de9b989c465dd425abe070", "areas": "30627bd87611d129aeab7a0251ac2a8524dd14977dae1e76f7411a76166dedd2"}}','2026-11-29T00:40:44.557+00:00');
CREATE TABLE reference (
	hash VARCHAR(64) NOT NULL, 
	width INTEGER NOT NULL, 
	height INTEGER NOT NULL, 
	format VARCHAR(8) NOT NULL, 
	notes JSON NOT NULL, 
	created VARCHAR(32) NOT NULL, 
	PRIMARY KEY (hash)
);
INSERT INTO "reference" VALUES('90e014987565f02cf7ca03201b8431eeb78eb8f5896e3c2f6c9948ca2bd7d070',48,32,'JPEG','[]','2026-11-29T00:40:44.991+00:00');
CREATE TABLE shelf (
	id INTEGER NOT NULL, 
	revision INTEGER NOT NULL, 
	cursor INTEGER NOT NULL, 
	next_number INTEGER NOT NULL, 
	PRIMARY KEY (id)
);
INSERT INTO "shelf" VALUES(1,2,2,2);
CREATE TABLE shelf_edit (
	number INTEGER NOT NULL, 
	words VARCHAR(200) NOT NULL, 
	"before" JSON NOT NULL, 
	"after" JSON NOT NULL, 
	created VARCHAR(32) NOT NULL, 
	PRIMARY KEY (number)
);
INSERT INTO "shelf_edit" VALUES(1,'Old blue added','{"own-1": null}','{"own-1": {"kind": "paint", "name": "Old blue", "like": "ultramarine", "medium": "oil", "collection": "", "left": 3.0, "note": "", "films": null}}','2026-11-29T00:40:45.074+00:00');
INSERT INTO "shelf_edit" VALUES(2,'Old blue taken off','{"own-1": {"kind": "paint", "name": "Old blue", "like": "ultramarine", "medium": "oil", "collection": "", "left": 3.0, "note": "", "films": null}}','{"own-1": null}','2026-11-29T00:40:45.118+00:00');
CREATE TABLE shelf_item (
	"key" VARCHAR(32) NOT NULL, 
	place INTEGER NOT NULL, 
	fields JSON NOT NULL, 
	PRIMARY KEY ("key")
);
COMMIT;
