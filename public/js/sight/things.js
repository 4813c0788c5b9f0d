/* People and things, by a network that knows eighty kinds of the COCO set; it looks at a square of 512 pixels. */
const KINDS = (
    'person,bicycle,car,motorcycle,airplane,bus,train,truck,boat,traffic light,fire hydrant,stop sign,parking meter,' +
    'bench,bird,cat,dog,horse,sheep,cow,elephant,bear,zebra,giraffe,backpack,umbrella,handbag,tie,suitcase,frisbee,' +
    'skis,snowboard,sports ball,kite,baseball bat,baseball glove,skateboard,surfboard,tennis racket,bottle,' +
    'wine glass,cup,fork,knife,spoon,bowl,banana,apple,sandwich,orange,broccoli,carrot,hot dog,pizza,donut,cake,' +
    'chair,couch,potted plant,bed,dining table,toilet,tv,laptop,mouse,remote,keyboard,cell phone,microwave,oven,' +
    'toaster,sink,refrigerator,book,clock,vase,scissors,teddy bear,hair drier,toothbrush'
).split(',');
const LOOKED_AT = 512;
/** Below this, a thing is as often another one. */
const SURE_THING = 0.45;
/** Somebody is checked by the joints that are found. */
const SURE_PERSON = 0.22;
/** Two outlines that share so much are of one thing. */
const SAME_THING = 0.5;

/** The surest first, each with its kind. */
async function findThings(model, picture) {
    const square = wholeSquare(picture);
    const input = tf.tidy(() => tf.expandDims(tf.cast(pixels(picture, square, LOOKED_AT), 'float32'), 0));
    const answer = model.execute(input, 'tower_0/detections');
    const [rows] = await answer.array();
    tf.dispose([input, answer]);

    return apart(
        rows
            .map(([left, top, right, bottom, sure, kind]) => {
                const from = placeIn(square, picture, left / LOOKED_AT, top / LOOKED_AT);
                const to = placeIn(square, picture, right / LOOKED_AT, bottom / LOOKED_AT);

                return {
                    what: KINDS[kind],
                    sure,
                    box: inside({ ...from, width: to.x - from.x, height: to.y - from.y }),
                };
            })
            .filter(({ what, sure, box }) => {
                return sure >= (what === 'person' ? SURE_PERSON : SURE_THING) && box.width > 0 && box.height > 0;
            }),
        SAME_THING,
    );
}
