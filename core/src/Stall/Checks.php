<?php

declare(strict_types=1);

namespace JackRest\Core\Stall;

use JackRest\Core\Tool\ToolKind;

/**
 * What to look at on each kind of second-hand tool, in the order it can be done at a stall: what ends the matter first,
 * then with the tool in the hand, then with a straightedge and a rule.
 */
final class Checks
{
    /** @return list<Check> none: this kind is not bought by looking it over */
    public static function of(ToolKind $kind): array
    {
        return match ($kind->form) {
            'plane' => [
                ...self::castBody(),
                self::mouth(),
                self::bed(),
                self::ironLeft(),
                self::screws(),
                self::handles(),
                self::sole(0.1, 0.6),
            ],
            'block-plane' => [
                ...self::castBody(),
                self::mouth(),
                self::ironLeft(),
                self::screws(),
                self::sole(0.08, 0.5),
            ],
            'shoulder-plane' => [
                ...self::castBody(),
                self::mouth(),
                self::ironLeft(),
                self::screws(),
                self::sole(0.05, 0.3),
                self::sidesSquare(),
            ],
            'router' => [...self::castBody(), self::ironLeft(), self::screws(), self::sole(0.15, 0.6)],
            'wooden-plane' => [
                self::splits(),
                self::worm(),
                self::wedge(),
                self::woodenMouth(),
                self::ironLeft(),
                self::wind(),
                self::sole(0.3, 2.0),
            ],
            'fillister' => [
                self::splits(),
                self::worm(),
                self::wedge(),
                self::ironLeft(),
                self::fence(),
                self::depthStop(),
                self::sole(0.3, 1.5),
            ],
            'plough' => [self::splits(), self::fence(), self::stems(), self::depthStop(), self::irons(), self::skate()],
            'compass-plane' => [...self::castBody(), self::soleBends(), self::ironLeft(), self::screws()],
            'spokeshave' => [...self::castBody(), self::ironLeft(), self::screws(), self::handles()],
            'back-saw' => [
                self::teethHard(),
                self::kinks(),
                self::bow(1.0, 4.0),
                self::backTight(),
                self::teethLeft(),
                self::plateLeft(40.0, 20.0),
                self::sawHandle(),
            ],
            'handsaw' => [
                self::teethHard(),
                self::kinks(),
                self::bow(2.0, 8.0),
                self::teethLeft(),
                self::plateLeft(60.0, 30.0),
                self::sawHandle(),
            ],
            'pull-saw' => [self::kinks(), self::teethLeft(), self::sawHandle()],
            'coping-saw', 'bow-saw' => [self::frame(), self::pins()],
            'chisel' => [self::pits(), self::edgeLeft(80.0, 35.0), self::handleTight(), self::flatBack()],
            'knife' => [self::pits(), self::handleTight()],
            'drawknife' => [self::pits(), self::edgeLeft(15.0, 6.0), self::handleTight()],
            'bits' => [self::straight(), self::leadScrew(), self::spursTall(), self::spursWide()],
            'brace' => [self::jaws(), self::ratchet(), self::pad(), self::runout()],
            'hand-drill' => [self::jaws(), self::gears()],
            'square' => [self::joint(), self::flip()],
            'gauge', 'panel-gauge' => [self::lock(), self::stems()],
            'bevel', 'dividers' => [self::lock()],
            'hatchet', 'hammer', 'mallet' => [self::headTight(), self::faceSound(), self::handleSound()],
            'wheel' => [self::rings(), self::guarded(), self::bearings()],
            'vice' => [self::castCrack(), self::screwRuns(), self::jawsMeet()],
            'stone' => [self::stoneCracks(), self::stoneHollow()],
            default => [],
        };
    }

    /** @return list<Check> */
    private static function castBody(): array
    {
        return [
            new Check(
                'cracks',
                'Look for cracks: cheeks, mouth corners, behind the tote.',
                'No dark line, no brazed seam.',
                'crack',
                null,
                'A crack runs on under use.',
            ),
            new Check(
                'rust',
                'Rub the rust with a thumb.',
                'Brown film, no craters.',
                'rust',
                new Mending('take the rust off, wet and with a mask', 40, 3),
                'Craters in the sole or the iron’s back go deeper than you will work.',
            ),
        ];
    }

    private static function mouth(): Check
    {
        return new Check(
            'mouth',
            'Look through the mouth from below.',
            'One even slit, edges whole.',
            'mouth',
            new Mending('file the mouth even', 30),
            'A piece is broken out of it.',
        );
    }

    private static function bed(): Check
    {
        return new Check(
            'bed',
            'Take the iron out; press the frog and look for light under it.',
            'It sits on four places and does not rock.',
            'bed',
            new Mending('bed the frog with a file', 45),
            'A seat is broken off.',
        );
    }

    private static function ironLeft(): Check
    {
        return new Check(
            'iron',
            'Measure the iron from its slot to the edge.',
            'Enough steel for years.',
            'iron',
            new Mending('a new iron', 15, 30),
            null,
            new Measured(['iron left beyond the slot'], Counts::Itself, 15.0, 0.0, 120.0, 0.0, true),
        );
    }

    private static function screws(): Check
    {
        return new Check(
            'screws',
            'Turn every screw and the depth wheel.',
            'All there, none stripped.',
            'screw',
            new Mending('a screw or a nut found', 20, 8),
            'A part is missing that nobody sells.',
        );
    }

    private static function handles(): Check
    {
        return new Check(
            'handles',
            'Take both handles and twist.',
            'Whole and firm.',
            'handle',
            new Mending('a new handle, glued or made', 60, 4),
        );
    }

    private static function sole(float $soundMm, float $lostMm): Check
    {
        return new Check(
            'sole',
            'Lay your straightedge along the sole and across both corners; push in feelers.',
            'No gap at toe, mouth and heel.',
            'straightedge',
            new Mending('flatten the sole', 20),
            'So hollow takes more iron off than you would.',
            new Measured(['largest gap under it'], Counts::Itself, $soundMm, $lostMm, 10.0, 180.0),
        );
    }

    private static function sidesSquare(): Check
    {
        return new Check(
            'sides',
            'Hold a square against sole and side; sight the light.',
            'Square at both ends, both sides.',
            'square',
            new Mending('true the side', 60),
            'Far out of square it cuts no shoulder.',
        );
    }

    private static function splits(): Check
    {
        return new Check(
            'splits',
            'Look along the body and into its throat for splits.',
            'End checks are shallow, none reaches the throat.',
            'crack',
            new Mending('glue a check', 40, 2),
            'Split through the throat or the cheeks.',
        );
    }

    private static function worm(): Check
    {
        return new Check(
            'worm',
            'Knock it on your palm, look for fresh dust at the holes.',
            'Old holes, no dust.',
            'worm',
            new Mending('treat it', 20, 6),
            'Live worm spreads to your bench.',
        );
    }

    private static function wedge(): Check
    {
        return new Check(
            'wedge',
            'Tap the wedge home and pull at the iron.',
            'It holds, both legs touch.',
            'wedge',
            new Mending('a new wedge', 40, 1),
        );
    }

    private static function woodenMouth(): Check
    {
        return new Check(
            'mouth',
            'Look at the mouth from below.',
            'Narrow, and the sole before it not worn.',
            'mouth',
            new Mending('let a piece into the mouth', 70, 2),
        );
    }

    private static function wind(): Check
    {
        return new Check(
            'wind',
            'Sight along the sole over two straight things, your rule and its edge will do.',
            'Both lie in one plane.',
            'wind',
            new Mending('plane it out of wind', 40),
            'So twisted that the throat would open wide.',
        );
    }

    private static function fence(): Check
    {
        return new Check(
            'fence',
            'Set the fence anywhere; measure from it to the skate at both ends.',
            'The same at both ends.',
            'fence',
            new Mending('true the fence on its stems', 30),
            'It will not come parallel: no groove from it is straight.',
            new Measured(['at the front', 'at the back'], Counts::Apart, 0.2, 1.5, 250.0, 15.0),
        );
    }

    private static function stems(): Check
    {
        return new Check(
            'stems',
            'Roll the stems, or sight along them; slide them through.',
            'Straight, they slide and lock.',
            'stem',
            new Mending('a new stem or its wedge', 45, 3),
            'Bent stems of metal stay bent.',
        );
    }

    private static function depthStop(): Check
    {
        return new Check(
            'stop',
            'Set the depth stop and push hard.',
            'It stays.',
            'stop',
            new Mending('a new screw for the stop', 20, 3),
        );
    }

    private static function irons(): Check
    {
        return new Check(
            'irons',
            'Count the irons; feel for the groove in their backs.',
            'At least one that fits; one grooved from another plough usually does.',
            'iron',
            new Mending('irons from elsewhere', 20, 25),
        );
    }

    private static function skate(): Check
    {
        return new Check(
            'skate',
            'Lay your rule along both halves of the skate.',
            'In one line.',
            'straightedge',
            new Mending('set the skate straight', 40),
            'Bent: the groove will bind.',
            new Measured(['largest gap'], Counts::Itself, 0.15, 0.8, 10.0, 60.0),
        );
    }

    private static function soleBends(): Check
    {
        return new Check(
            'bends',
            'Bend the sole with its screw to both ends of its way.',
            'One even curve, no kink, no crack.',
            'bow',
            null,
            'A kinked sole cuts no fair curve.',
        );
    }

    private static function teethHard(): Check
    {
        return new Check(
            'hard',
            'Try a tooth with a file, or look for blue tips.',
            'The file bites.',
            'file',
            null,
            'Hardened teeth cannot be filed: it is a saw for so long as it cuts.',
        );
    }

    private static function kinks(): Check
    {
        return new Check(
            'kinks',
            'Bend the plate gently and look at the light run along it.',
            'One smooth gleam.',
            'kink',
            null,
            'A kink throws every stroke.',
        );
    }

    private static function bow(float $soundMm, float $lostMm): Check
    {
        return new Check(
            'bow',
            'Sight along the teeth; hold a string from heel to toe and measure the gap.',
            'Straight.',
            'bow',
            new Mending('straighten the plate', 25),
            'A bow like that is for a saw doctor.',
            new Measured(['gap in the middle'], Counts::Itself, $soundMm, $lostMm, 60.0, 6.0),
        );
    }

    private static function backTight(): Check
    {
        return new Check(
            'back',
            'Take plate in one hand, back in the other, and try to move them.',
            'Tight, and the plate straight under it.',
            'back',
            new Mending('tap the back home', 20),
        );
    }

    private static function teethLeft(): Check
    {
        return new Check(
            'teeth',
            'Run your eye along the points.',
            'All there, of one height.',
            'teeth',
            new Mending('joint, shape and file them', 90, 4),
            'A row broken out in the middle.',
        );
    }

    private static function plateLeft(float $soundMm, float $lostMm): Check
    {
        return new Check(
            'plate',
            'Measure the plate at its toe, from tooth to back.',
            'Enough to file for years.',
            'plate',
            new Mending('a shallow plate: worth less', 0, 15),
            'Filed away.',
            new Measured(['plate at the toe'], Counts::Itself, $soundMm, $lostMm, 400.0, 0.0, true, 'depth'),
        );
    }

    private static function sawHandle(): Check
    {
        return new Check(
            'handle',
            'Take it as you would saw and twist.',
            'Whole horns, firm nuts, your hand fits.',
            'handle',
            new Mending('glue a horn, tighten the nuts', 40, 2),
        );
    }

    private static function frame(): Check
    {
        return new Check(
            'frame',
            'Draw the blade tight and twang it.',
            'It sings; the frame does not twist.',
            'frame',
            new Mending('a new string or wing nut', 30, 5),
            'The frame is bent or cracked.',
        );
    }

    private static function pins(): Check
    {
        return new Check(
            'pins',
            'Turn both holders through a whole turn.',
            'They turn together and stay.',
            'screw',
            new Mending('a new holder', 20, 8),
        );
    }

    private static function pits(): Check
    {
        return new Check(
            'pits',
            'Look at the flat back, the last 20 mm before the edge.',
            'Smooth there; rust further up does no harm.',
            'pits',
            new Mending('grind back past the pits', 45),
            'Pitted all along: no edge will stay whole.',
        );
    }

    private static function edgeLeft(float $soundMm, float $lostMm): Check
    {
        return new Check(
            'left',
            'Measure the steel that is left.',
            'Enough to grind for years.',
            'iron',
            new Mending('short: worth less', 0, 6),
            'Ground away.',
            new Measured(['steel left'], Counts::Itself, $soundMm, $lostMm, 500.0, 0.0, true),
        );
    }

    private static function handleTight(): Check
    {
        return new Check(
            'handle',
            'Pull and twist the handle.',
            'Firm and whole.',
            'handle',
            new Mending('a new handle', 30, 4),
        );
    }

    private static function flatBack(): Check
    {
        return new Check(
            'back',
            'Lay the back on something flat, or your rule across it.',
            'No belly.',
            'straightedge',
            new Mending('flatten the back', 25),
            null,
            new Measured(['gap under the rule'], Counts::Itself, 0.05, 1.0, 5.0, 150.0),
        );
    }

    private static function straight(): Check
    {
        return new Check(
            'straight',
            'Roll it on the table.',
            'It does not wobble.',
            'roll',
            new Mending('straighten it', 20),
            'Bent in the twist.',
        );
    }

    private static function leadScrew(): Check
    {
        return new Check(
            'screw',
            'Look at the screw tip, feel its threads.',
            'Sharp threads to the point.',
            'leadscrew',
            new Mending('refresh the threads', 15),
            'No thread left: it will not pull itself in.',
        );
    }

    private static function spursTall(): Check
    {
        return new Check(
            'spurs',
            'Look at the spurs from the side.',
            'They stand well above the cutters.',
            'spurs',
            new Mending('file the cutters back', 20),
            'Filed away: it tears the rim of every hole.',
        );
    }

    private static function spursWide(): Check
    {
        return new Check(
            'wide',
            'Measure across the spurs, then across the twist behind them.',
            'The spurs are no narrower.',
            'caliper',
            null,
            'Filed on the outside: it jams in its own hole.',
            new Measured(['across the spurs', 'across the twist'], Counts::Over, 0.0, 0.0, 80.0),
        );
    }

    private static function jaws(): Check
    {
        return new Check(
            'jaws',
            'Close the chuck on a bit and pull.',
            'Both jaws close even and hold.',
            'jaws',
            new Mending('a new spring for the jaws', 25, 4),
            'Jaws broken or not its own.',
        );
    }

    private static function ratchet(): Check
    {
        return new Check(
            'ratchet',
            'Turn it both ways in all three settings.',
            'It clicks and holds.',
            'ratchet',
            new Mending('clean and oil the ratchet', 30),
        );
    }

    private static function pad(): Check
    {
        return new Check(
            'pad',
            'Press the pad on your chest and turn.',
            'It turns without a rattle.',
            'pad',
            new Mending('clean and oil the pad', 20),
            'The bearing has worn its seat.',
        );
    }

    private static function runout(): Check
    {
        return new Check(
            'true',
            'Turn it and watch a bit’s tip.',
            'It stays on one spot.',
            'roll',
            null,
            'The sweep is bent.',
        );
    }

    private static function gears(): Check
    {
        return new Check(
            'gears',
            'Turn the crank slowly.',
            'No tooth missing, no slip.',
            'ratchet',
            new Mending('clean and shim the gears', 40),
            'Broken teeth.',
        );
    }

    private static function joint(): Check
    {
        return new Check(
            'joint',
            'Take stock and blade and try to move them.',
            'Not the least play.',
            'square',
            null,
            'A loose joint cannot be trusted again.',
        );
    }

    private static function flip(): Check
    {
        return new Check(
            'flip',
            'Draw a line from the stall’s own straight edge, turn the square over, draw again; measure the gap at '
                .'the tip.',
            'One line.',
            'flip',
            new Mending('true the blade', 25),
            'Further out than a blade can give.',
            new Measured(['gap between the lines'], Counts::Half, 0.1, 1.0, 20.0, 60.0),
        );
    }

    private static function lock(): Check
    {
        return new Check(
            'lock',
            'Lock it and push hard.',
            'It does not creep.',
            'stop',
            new Mending('a new wedge or screw', 20, 3),
        );
    }

    private static function headTight(): Check
    {
        return new Check(
            'head',
            'Swing it, look at the wedge.',
            'The head does not move.',
            'head',
            new Mending('a new handle and wedge', 40, 10),
            null,
        );
    }

    private static function faceSound(): Check
    {
        return new Check(
            'face',
            'Look at the face and the edges.',
            'No chips, no mushroom.',
            'crack',
            new Mending('grind the mushroom off', 30),
            'Cracked steel throws splinters.',
        );
    }

    private static function handleSound(): Check
    {
        return new Check(
            'handle',
            'Look along the grain of the handle.',
            'Straight grain, no crack.',
            'handle',
            new Mending('a new handle', 40, 10),
        );
    }

    private static function rings(): Check
    {
        return new Check(
            'ring',
            'Hang the wheel on a finger and tap it with wood.',
            'A clear ring.',
            'ring',
            null,
            'A dull wheel is cracked: it bursts.',
        );
    }

    private static function guarded(): Check
    {
        return new Check(
            'guard',
            'Look for guard and rest.',
            'Both there, the rest close to the wheel.',
            'guard',
            new Mending('a new rest', 40, 25),
            'Without a guard it is not run.',
        );
    }

    private static function bearings(): Check
    {
        return new Check(
            'bearings',
            'Spin it and feel the arbor.',
            'Smooth, no play.',
            'roll',
            new Mending('new bearings', 60, 20),
        );
    }

    private static function castCrack(): Check
    {
        return new Check(
            'cracks',
            'Look for cracks and welds in the casting.',
            'None.',
            'crack',
            null,
            'A mended casting opens again.',
        );
    }

    private static function screwRuns(): Check
    {
        return new Check(
            'screw',
            'Run the screw from end to end.',
            'It runs; half a turn of play at most.',
            'screw',
            new Mending('clean and grease the screw', 40, 2),
            'Stripped threads.',
        );
    }

    private static function jawsMeet(): Check
    {
        return new Check(
            'jaws',
            'Close it on a sheet of paper at both sides and pull.',
            'It holds at both.',
            'jaws',
            new Mending('new linings, set parallel', 60, 8),
        );
    }

    private static function stoneCracks(): Check
    {
        return new Check(
            'cracks',
            'Wet it and look for lines.',
            'None across it.',
            'crack',
            null,
            'It will part there.',
        );
    }

    private static function stoneHollow(): Check
    {
        return new Check(
            'hollow',
            'Lay your rule across it and push in feelers.',
            'Flat.',
            'straightedge',
            new Mending('flatten it', 15),
            'More stone would go than is worth it.',
            new Measured(['gap under the rule'], Counts::Itself, 0.1, 2.5, 20.0, 30.0),
        );
    }
}
