<?php

declare(strict_types=1);

namespace JackRest\Core\School;

/** The questions whose answers shape a kit; common practice throughout. */
final class Questions
{
    private const PULL = ['double-edged-pull-saw', 'backed-pull-saw', 'fine-pull-saw'];

    private const PUSH = ['dovetail-saw', 'carcase-saw', 'tenon-saw', 'rip-handsaw', 'crosscut-handsaw', 'panel-saw'];

    /** @return array<string, Question> by id */
    public static function all(): array
    {
        /** @var array<string, Question>|null $questions */
        static $questions = null;

        return $questions ??= array_column(
            [...self::outlook(), ...self::planes(), ...self::saws(), ...self::marking(), ...self::sharpening()],
            null,
            'id',
        );
    }

    /** @return list<Question> */
    private static function outlook(): array
    {
        return [
            new Question('purity', 'How pure?', [
                new Option('hand', 'hand tools only', 'Quiet, no dust, and every stroke teaches.'),
                new Option(
                    'hybrid',
                    'machines do the rough work',
                    'Machines bring it to size; hands make it fit. Block, shoulder and router planes come first.',
                    new Effect(prefers: ['block-plane', 'shoulder-plane', 'router-plane'], machines: true),
                ),
            ]),
            new Question('spend', 'How to spend?', [
                new Option('steady', 'sound tools as they are needed', 'Good enough to keep, bought when a work asks.'),
                new Option(
                    'best-once',
                    'the best once, few tools',
                    'A tool bought twice was the dear one.',
                    new Effect(priceFactor: 1.7),
                ),
                new Option(
                    'cheap-start',
                    'a cheap start',
                    'Begin now, replace what limits you.',
                    new Effect(priceFactor: 0.6, runningFactor: 1.5),
                ),
                new Option(
                    'second-hand',
                    'second-hand, tuned up',
                    'Old steel is cheap; an afternoon makes it work.',
                    new Effect(priceFactor: 0.5, runningFactor: 1.1),
                ),
                new Option(
                    'next-job',
                    'only what the next work needs',
                    'Nothing hangs idle.',
                    new Effect(nextWorkOnly: true),
                ),
            ]),
            new Question('surface', 'The last surface?', [
                new Option(
                    'planed',
                    'from the plane',
                    'It shines, and it is quick.',
                    new Effect(minGrades: ['smooth' => 4]),
                ),
                new Option(
                    'sanded',
                    'sanded',
                    'Even, and no skill wanted.',
                    new Effect(prefers: ['sanding-block'], minGrades: ['smooth' => 2]),
                ),
            ]),
        ];
    }

    /** @return list<Question> */
    private static function planes(): array
    {
        return [
            new Question('bench-plane', 'If one bench plane, which?', [
                new Option(
                    'jack',
                    'a jack',
                    'Furniture size: it does all of it.',
                    new Effect(prefers: ['jack-plane'], leavesOut: ['wide-jack', 'bevel-up-jack']),
                ),
                new Option(
                    'smoother',
                    'a smoother',
                    'Nearly everything here is under 600 mm.',
                    new Effect(prefers: ['smoothing-plane'], leavesOut: ['jack-plane', 'wide-jack', 'bevel-up-jack']),
                ),
                new Option(
                    'wide-jack',
                    'a wide heavy jack',
                    'Steady on the shooting board.',
                    new Effect(prefers: ['wide-jack'], leavesOut: ['jack-plane', 'bevel-up-jack']),
                ),
                new Option(
                    'bevel-up',
                    'a bevel-up jack',
                    'End grain, and easy to set.',
                    new Effect(prefers: ['bevel-up-jack'], leavesOut: ['jack-plane', 'wide-jack']),
                ),
            ]),
            new Question('jointer', 'A jointer?', [
                new Option(
                    'by-size',
                    'only if a board is too long without',
                    'The longest board and the tolerance decide.',
                ),
                new Option(
                    'essential',
                    'essential',
                    'It straightens by itself; nothing else does.',
                    new Effect(prefers: ['try-plane'], minGrades: ['joint-edge' => 5]),
                ),
            ]),
            new Question('small-planes', 'Router plane and block plane?', [
                new Option('if-asked', 'if a work asks for one', 'Let the work decide.'),
                new Option(
                    'must',
                    'must have',
                    'The same depth everywhere, without thinking.',
                    new Effect(
                        prefers: ['router-plane', 'block-plane'],
                        minGrades: ['level-recess' => 5, 'chamfer' => 5],
                    ),
                ),
                new Option(
                    'without',
                    'chisel and paring block instead',
                    'A sharp chisel and a true block do it.',
                    new Effect(prefers: ['paring-block'], leavesOut: ['router-plane', 'block-plane']),
                ),
            ]),
        ];
    }

    /** @return list<Question> */
    private static function saws(): array
    {
        return [
            new Question('saws', 'Push or pull?', [
                new Option(
                    'push',
                    'push saws with a back',
                    'Stiff, can be filed, last a lifetime.',
                    new Effect(leavesOut: self::PULL),
                    'dovetail-saw',
                ),
                new Option(
                    'pull',
                    'pull saws',
                    'Thin kerf, light work, no filing.',
                    new Effect(leavesOut: self::PUSH),
                    'backed-pull-saw',
                ),
                new Option('either', 'either', 'Whatever is cheapest for the cut.'),
            ]),
            new Question('dovetail-pitch', 'Dovetail saw: how fine?', [
                new Option(
                    'medium',
                    '14–15 teeth per inch',
                    'Faster, and good for thicker boards.',
                    new Effect(sizes: ['dovetail-saw' => ['tpi' => 15.0]]),
                ),
                new Option(
                    'fine',
                    '18–20 teeth per inch',
                    'Smooth and in control; slower.',
                    new Effect(sizes: ['dovetail-saw' => ['tpi' => 18.0]]),
                ),
            ]),
            new Question('waste', 'Waste between tails?', [
                new Option(
                    'coping',
                    'coping saw',
                    'Cheap blades, quick enough.',
                    new Effect(prefers: ['coping-saw'], leavesOut: ['fret-saw']),
                ),
                new Option(
                    'fret',
                    'fret saw',
                    'The blade drops into the kerf.',
                    new Effect(prefers: ['fret-saw'], leavesOut: ['coping-saw']),
                ),
                new Option(
                    'chisel',
                    'chisel only',
                    'One tool less, and no blade to break.',
                    new Effect(leavesOut: ['coping-saw', 'fret-saw']),
                    'bench-chisel',
                ),
            ]),
        ];
    }

    /** @return list<Question> */
    private static function marking(): array
    {
        return [
            new Question('gauge', 'Marking gauge?', [
                new Option(
                    'pin',
                    'pin',
                    'Cheapest, and can be made.',
                    new Effect(prefers: ['marking-gauge'], leavesOut: ['cutting-gauge', 'wheel-gauge']),
                ),
                new Option(
                    'blade',
                    'blade',
                    'Longer fence, cleaner across the grain.',
                    new Effect(prefers: ['cutting-gauge'], leavesOut: ['marking-gauge', 'wheel-gauge']),
                ),
                new Option(
                    'wheel',
                    'wheel',
                    'The finest line, quickly set.',
                    new Effect(prefers: ['wheel-gauge'], leavesOut: ['marking-gauge', 'cutting-gauge']),
                ),
            ]),
            new Question('squares', 'Squares?', [
                new Option('wood', 'of wood, made', 'Light, kind to the work, and can be trued.', kind: 'try-square'),
                new Option(
                    'metal',
                    'of metal, bought',
                    'They stay put. A drop ruins one.',
                    new Effect(buys: ['try-square', 'large-square', 'straightedge', 'winding-sticks']),
                ),
            ]),
            new Question('tail-slope', 'Slope of tails?', [
                new Option(
                    'seven',
                    '1:7 for everything',
                    'One template, one habit.',
                    new Effect(sizes: ['dovetail-template' => ['slope' => 8.13]]),
                ),
                new Option(
                    'by-wood',
                    '1:6 in softwood, 1:8 in hardwood',
                    'Soft fibres crush; hard short grain breaks.',
                    new Effect(sizes: ['dovetail-template' => ['slope' => 9.46]]),
                ),
                new Option(
                    'fourteen',
                    '14°',
                    'It looks like a dovetail.',
                    new Effect(sizes: ['dovetail-template' => ['slope' => 14.0]]),
                ),
            ]),
            new Question('measuring', 'Measuring?', [
                new Option(
                    'numbers',
                    'by numbers and a rule',
                    'A drawing says what to do.',
                    new Effect(prefers: ['steel-rule', 'hook-rule']),
                ),
                new Option(
                    'transfer',
                    'by transfer and a fixed gauge',
                    'What is not measured cannot be misread.',
                    new Effect(prefers: ['story-stick', 'stop-rule', 'dividers']),
                ),
            ]),
        ];
    }

    /** @return list<Question> */
    private static function sharpening(): array
    {
        return [
            new Question('media', 'Sharpen on what?', [
                new Option('waterstone', 'waterstones', 'Fast and fine.', new Effect(hones: 'waterstones')),
                new Option(
                    'oilstone',
                    'oilstone and strop',
                    'Clean, flat for years, cheap to run.',
                    new Effect(hones: 'oilstones'),
                ),
                new Option(
                    'diamond',
                    'diamond plates',
                    'Dear once, then years; any steel.',
                    new Effect(hones: 'diamond-plates'),
                ),
                new Option('paper', 'paper on glass', 'The cheapest start.', new Effect(hones: 'paper-on-glass')),
            ]),
            new Question('angle', 'Guide or freehand?', [
                new Option('freehand', 'freehand', 'Nothing to set; done between two joints.'),
                new Option(
                    'guide',
                    'with a guide',
                    'The same angle every time, from the first day.',
                    new Effect(guide: true),
                ),
            ]),
            new Question('grit-path', 'Through how many stones?', [
                new Option('least-time', 'whatever takes least time', 'The face and the depth decide.'),
                new Option(
                    'two-stones',
                    'two, with a big jump',
                    'A narrow bevel needs no more, and there is less to carry.',
                ),
                new Option('full-ladder', 'every stone in turn', 'Each only takes out the scratches before it.'),
                new Option('stop-early', 'stop early where power is high', 'A mallet does not feel the last stone.'),
            ]),
            new Question('bevel', 'Which bevel on a new edge?', [
                new Option('micro', 'flat, with a small secondary bevel', 'A narrow strip hones in seconds.'),
                new Option('hollow', 'hollow ground, honed on both lands', 'It sits on the stone by itself.'),
                new Option('convex', 'one single bevel, a little round', 'Nothing to set; sharp in any position.'),
            ]),
            new Question('iron-backs', 'Backs of plane irons?', [
                new Option('full', 'flatten them in full, once', 'After that the last bit is flat for good.'),
                new Option('thin-rule', 'only the last millimetre, over a thin rule', 'Nothing further up ever cuts.'),
            ]),
            new Question('exact-angles', 'How exact must an angle be?', [
                new Option('repeatable', 'anything that works, kept repeatable', 'The wood does not measure it.'),
                new Option('degree', 'keep to the degree', 'A steeper edge creeps in unseen.'),
            ]),
            new Question('upkeep', 'Between honings?', [
                new Option('stone', 'straight back to the finest stone', 'A stone keeps the edge flat.'),
                new Option(
                    'strop',
                    'strop often, stone seldom',
                    'Ten strokes a side, and on with the work.',
                    kind: 'strop',
                ),
            ]),
            new Question('flatness', 'When are stones flattened?', [
                new Option('every-few', 'every few sessions', 'A stone stays flat enough for that long.'),
                new Option('each-time', 'a few seconds before every use', 'It never gets far, so it never takes long.'),
            ]),
        ];
    }
}
