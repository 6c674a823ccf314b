<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut\Questions;

use JackRest\Core\Basis;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Path;
use JackRest\Core\Setting\RecessGrain;
use JackRest\Core\Setting\RecessName;
use JackRest\Core\Setting\RecessPass;
use JackRest\Core\Setting\RecessSetup;
use JackRest\Core\Setting\RecessSetupInput;
use JackRest\Core\Setting\RecessSetupResult;
use JackRest\Desk\Advice;
use JackRest\Desk\AtBench\StepDrawing;
use JackRest\Desk\AtBench\StepShape;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Making\Dim;
use JackRest\Desk\Making\View;
use JackRest\Desk\Session\SessionStep;
use JackRest\Desk\SetOut\Hands;
use JackRest\Desk\SetOut\SetOutAnswer;
use JackRest\Desk\SetOut\SetOutAsk;
use JackRest\Desk\SetOut\SetOutChoice;
use JackRest\Desk\SetOut\SetOutRow;
use JackRest\Desk\SetOut\ToolSetting;
use JackRest\Desk\SetOut\Typed;

/** A rebate, groove or dado: the planes at hand side by side, and how the best of them is set. */
final readonly class Recess implements SetOutAsk
{
    private const TOLD = [
        'clamp-a-batten' => 'It has no fence: clamp a batten to the line.',
        'fence-too-short' => 'Its fence does not reach so far: clamp a batten, and work from that.',
        'sever-the-walls-first' => 'Across the grain the walls are severed first: knife or saw them to the depth.',
        'straight-iron-across-grain' => 'A straight iron across the grain tears: light cuts, or a skewed one.',
        'stop-by-gauge-line' => 'It has no stop: gauge the depth on both ends and plane to the line.',
        'deeper-than-half' => 'It is deeper than half the wood: what is left may split. Shallower, or thicker wood.',
    ];

    public function fields(Hands $hands): array
    {
        return [
            new FormField('width', Quantity::Length, 1, 200, 'Width of the recess', expected: 10, begins: 10),
            new FormField('depth', Quantity::Length, 0.5, 100, 'Depth', expected: 8, begins: 8),
            new FormField('edge', Quantity::Length, 0, 1000, 'From the edge', '0 at the edge', begins: 0),
            new FormField('stock', Quantity::Length, 2, 200, 'Wood, thickness', expected: 20, begins: 20),
            new FormField('length', Quantity::Length, 10, 10000, 'Length of the recess', expected: 450, begins: 450),
            new FormField('shaving', Quantity::Thickness, 0.01, 2, 'A shaving', begins: max(0.2, $hands->shaving())),
        ];
    }

    public function choices(Hands $hands): array
    {
        return [new SetOutChoice('grain', 'It runs', ['along' => 'along the grain', 'across' => 'across the grain'])];
    }

    public function named(): array
    {
        return ['depthMm' => 'depth', 'ironsMm' => 'width', 'startStepMm' => 'length'];
    }

    public function answer(Typed $typed, Hands $hands, LengthFormatter $format): SetOutAnswer
    {
        $isAtEdge = $typed->get('edge') <= 0;
        $isAcross = $typed->choice('grain') === 'across';
        $ways = self::ways($typed, $hands, $isAtEdge, $isAcross);
        $isOwn = $ways !== [];
        $usual = RecessPlane::usual($isAtEdge, $isAcross, $typed->get('width'));
        [$plane, $setup] = $ways[0] ?? [$usual, self::setup($typed, $usual)];
        $set = self::fence($plane, $setup, $format);
        $iron = $format->dimension($setup->ironMm);
        $passes = count($setup->passes) === 1 ? 'one pass' : count($setup->passes).' passes';

        return new SetOutAnswer(
            new Advice(
                $isOwn ? $set : self::would($isAtEdge, $usual),
                ($isOwn ? "With the {$plane->name}, $iron iron: " : "$set $iron iron: ").
                    "$passes of {$setup->shavingsPerPass} shavings, {$setup->strokes} strokes in all. Begin at the ".
                    'far end: the first stroke over the last '.
                    $format->dimension($typed->get('length') - $setup->starts[0]).', each next one begun further back.',
            ),
            self::views($plane, $typed, $setup, $format),
            self::settings($plane, $setup, $typed->get('depth'), $format),
            [
                ...array_map(static fn (string $code): string => self::TOLD[$code], $setup->warnings),
                'Left below it: '.$format->dimension($setup->leftBelowMm).'.',
                ...$plane->fenceMax === null
                    ? []
                    : ['Measure skate to fence at both ends before the first stroke; they must be equal.'],
            ],
            self::rows($ways, $format),
            [
                new Explanation(
                    'How many strokes?',
                    'passes · (depth ÷ shaving + starts − 1)',
                    count($setup->passes)." · ({$setup->shavingsPerPass} + ".count($setup->starts).
                        " − 1) = {$setup->strokes}",
                    Basis::CommonPractice,
                    'Begun at the far end, so that the fence cannot wander into uncut wood. Several passes for a '.
                        'wider '.
                        'recess: from memory.',
                ),
            ],
            // Nobody counts strokes of a plane that is not there.
            steps: $isOwn ? self::steps($plane, $setup, $typed, $format) : [],
        );
    }

    /** @return list<ToolSetting> in the order they are used: fence or batten comes again with each pass */
    private static function settings(
        RecessPlane $plane,
        RecessSetupResult $setup,
        float $depth,
        LengthFormatter $format,
    ): array {
        $guides = [];
        $step = $setup->name === RecessName::Rebate ? 'rebate-along' : $setup->name->value;
        foreach ($setup->passes as $number => $pass) {
            $which = count($setup->passes) === 1 ? '' : ', pass '.($number + 1);
            $guides[] = $plane->fenceMax === null
                ? new ToolSetting('batten', "from the edge$which", $format->dimension($pass->fromMm), step: $step)
                : new ToolSetting($plane->name, "fence, to the iron$which", $pass->fenceMm < 0
                    ? $format->dimension(-$pass->fenceMm).' under the sole'
                    : $format->dimension($pass->fenceMm), step: $step);
        }
        $stop = $plane->depthStop
            ? new ToolSetting($plane->name, 'depth stop', $format->dimension($depth), step: $step)
            : new ToolSetting('marking gauge', 'depth, on both ends', $format->dimension($depth),
                $format->small($depth), $step);

        return [
            new ToolSetting($plane->name, 'iron', $format->dimension($setup->ironMm), step: $step),
            $guides[0],
            $stop,
            ...array_slice($guides, 1),
        ];
    }

    /** As the kit's ladder says it: at an edge the plainer plane does, too. */
    private static function would(bool $isAtEdge, RecessPlane $usual): string
    {
        return 'None of your planes cuts it: a '.($isAtEdge ? 'rebate plane or a ' : '')."{$usual->name} would.";
    }

    /** @return list<SessionStep> pass by pass */
    private static function steps(
        RecessPlane $plane,
        RecessSetupResult $setup,
        Typed $typed,
        LengthFormatter $format,
    ): array {
        $passes = count($setup->passes);
        $strokes = intdiv($setup->strokes, $passes);

        return array_map(static fn (RecessPass $pass, int $number): SessionStep => SessionStep::ofCutting(
            $plane->name,
            ($passes === 1 ? '' : 'Pass '.($number + 1)." of $passes, ".$format->dimension($pass->fromMm)
                .' from the edge. ').'Begin at the far end, each stroke a little longer.',
            $strokes,
            'strokes',
            $plane->depthStop ? 'the stop touches all along' : 'the gauged line is reached all along',
            new StepShape(StepDrawing::Recess, [
                'edge' => $pass->fromMm,
                'width' => $pass->toMm - $pass->fromMm,
                'depth' => $typed->get('depth'),
                'stock' => $typed->get('stock'),
            ]),
        ), $setup->passes, array_keys($setup->passes));
    }

    /** @return list<array{RecessPlane, RecessSetupResult}> the best first: fewest cautions, passes, strokes */
    private static function ways(Typed $typed, Hands $hands, bool $isAtEdge, bool $isAcross): array
    {
        $ways = [];
        foreach (RecessPlane::all($hands) as $plane) {
            try {
                $ways[] = $plane->cuts($isAtEdge, $isAcross) ? [$plane, self::setup($typed, $plane)] : null;
            } catch (InvalidInput $wrong) {
                // None of its irons fits; what is wrong with the recess itself is wrong for every plane.
                if ($wrong->errors[0]->field !== 'ironsMm') {
                    throw $wrong;
                }
            }
        }
        $ways = array_values(array_filter($ways));
        usort($ways, static fn (array $one, array $other): int => self::order($one[1]) <=> self::order($other[1]));

        return $ways;
    }

    /** @return list<int> */
    private static function order(RecessSetupResult $setup): array
    {
        return [count($setup->warnings), count($setup->passes), $setup->strokes];
    }

    /** @throws InvalidInput */
    private static function setup(Typed $typed, RecessPlane $plane): RecessSetupResult
    {
        return (new RecessSetup())(new RecessSetupInput(
            $typed->get('width'),
            $typed->get('depth'),
            $typed->get('edge'),
            RecessGrain::from($typed->choice('grain')),
            $typed->get('stock'),
            $typed->get('length'),
            $plane->irons,
            $typed->get('shaving'),
            $plane->fenceMax,
            $plane->depthStop,
            $plane->nickers,
            $plane->skewed,
            $plane->fenceUnderSole,
        ));
    }

    private static function fence(RecessPlane $plane, RecessSetupResult $setup, LengthFormatter $format): string
    {
        $at = $setup->passes[0]->fenceMm;

        return match (true) {
            $plane->fenceMax === null
                && $setup->passes[0]->fromMm <= 0 => 'Clamp a batten along the line, at the recess’s inner wall.',
            $plane->fenceMax === null => 'Clamp a batten '.$format->dimension($setup->passes[0]->fromMm).
                ' from the edge.',
            $at < 0 => 'Set the fence under the sole: '.$format->dimension(-$at).' of the iron lie over it.',
            $at <= 0 => 'Set the fence flush with the iron.',
            default => 'Set the fence '.$format->dimension($at).' from the iron.',
        };
    }

    /** @return list<View> */
    private static function views(
        RecessPlane $plane,
        Typed $typed,
        RecessSetupResult $setup,
        LengthFormatter $format,
    ): array {
        $section = RecessDrawing::section($plane, $typed, $setup, $format);

        return [$section, self::strokes($setup, $typed->get('length'), $section->width, $format)];
    }

    /** The first strokes, each begun further back, drawn to the width of the other view. */
    private static function strokes(RecessSetupResult $setup, float $long, float $wide, LengthFormatter $format): View
    {
        $step = $wide / 24;
        $shown = array_slice($setup->starts, 0, 8);
        $scale = $wide / $long;
        $lines = [];
        foreach ($shown as $stroke => $start) {
            $lines[] = Path::open([$start * $scale, $step * ($stroke + 1)], [$wide, $step * ($stroke + 1)]);
        }

        return new View(
            'The first strokes, far end at the right (not to scale)',
            $wide,
            $step * (count($shown) + 1),
            $lines,
            [],
            [Dim::across($shown[0] * $scale, $wide, 0, $format->dimension($long - $shown[0]), 'above')],
        );
    }

    /**
     * @param  list<array{RecessPlane, RecessSetupResult}>  $ways
     * @return list<SetOutRow>
     */
    private static function rows(array $ways, LengthFormatter $format): array
    {
        return array_map(
            static fn (array $way, int $place): SetOutRow => new SetOutRow(
                ucfirst($way[0]->name),
                $way[1]->warnings === [] ? 'does it as it stands' : self::TOLD[$way[1]->warnings[0]],
                count($way[1]->passes).' × '.$way[1]->shavingsPerPass.' shavings with the '.
                    $format->dimension($way[1]->ironMm)." iron, {$way[1]->strokes} strokes; about ".
                    LengthFormatter::decimal($way[0]->setUpMinutes, 0).' min to set, '.$way[0]->certainty(),
                $place === 0,
            ),
            $ways,
            array_keys($ways),
        );
    }
}
