<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut\Questions;

use JackRest\Core\Basis;
use JackRest\Core\MarkingOut\DovetailLayoutResult;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\SetOut\Chains;
use JackRest\Desk\SetOut\Hands;
use JackRest\Desk\SetOut\SetOutAnswer;
use JackRest\Desk\SetOut\SetOutAsk;
use JackRest\Desk\SetOut\SetOutChoice;
use JackRest\Desk\SetOut\ToolSetting;
use JackRest\Desk\SetOut\Typed;

/** Dovetails: lines stepped by dividers, gauges for both boards, which chisel and which saw. */
final readonly class Dovetails implements SetOutAsk
{
    /** Errors that are told of: of dividers and of a corner, of a template, of one knife line (common practice). */
    private const OFF_MM = 0.1;

    private const TEMPLATE_DEG = 0.5;

    private const KNIFE_MM = 0.03;

    public function fields(Hands $hands): array
    {
        return [
            new FormField('width', Quantity::Length, 10, 1000, 'Width of the boards', expected: 90, begins: 89),
            new FormField('tailBoard', Quantity::Length, 2, 100, 'Tail board, thickness', expected: 19, begins: 19),
            new FormField('pinBoard', Quantity::Length, 2, 100, 'Pin board, thickness', expected: 19, begins: 19),
            new FormField('tails', Quantity::Count, 1, 100, 'Tails', begins: 3, when: ['by', 'number']),
            new FormField('tail', Quantity::Length, 1, 300, 'A tail, about', 'at its wide end', expected: 25,
                begins: 25, when: ['by', 'width']),
            new FormField('halfPin', Quantity::Length, 0.5, 100, 'Half pin', 'at each edge, where it is narrow',
                expected: 6, begins: 6),
            new FormField('pin', Quantity::Length, 0.3, 100, 'Pin', 'its narrow side; as the half pin where empty',
                expected: 6),
            new FormField('slope', Quantity::Slope, 2, 20, 'Slope', 'one in so many', begins: $hands->slope()),
            new FormField('lap', Quantity::Length, 0.5, 50, 'Lap', 'left on the front, half-blind', expected: 5,
                begins: 5, when: ['kind', 'half-blind']),
            new FormField('rebate', Quantity::Length, 0, 30, 'Rebate inside the tails',
                'registers the joint', begins: 0, isAside: true),
            new FormField('proud', Quantity::Length, 0, 5, 'Ends left proud', 'to be planed flush', begins: 0,
                isAside: true),
        ];
    }

    public function choices(Hands $hands): array
    {
        return [
            new SetOutChoice('kind', 'They are', ['through' => 'through', 'half-blind' => 'half-blind']),
            new SetOutChoice('by', 'Divided by', ['number' => 'number of tails', 'width' => 'width of a tail']),
        ];
    }

    public function named(): array
    {
        return [
            'boardWidthMm' => 'width', 'halfPinMm' => 'halfPin', 'pinMm' => 'pin', 'tails' => 'tails',
            'tailMm' => 'tail',
            'ratio' => 'slope', 'rebateMm' => 'rebate', 'lap' => 'lap',
        ];
    }

    public function answer(Typed $typed, Hands $hands, LengthFormatter $format): SetOutAnswer
    {
        $layout = DovetailJoint::layout($typed, $hands);
        $gauge = $format->dimension($layout->tailGaugeMm);
        $dividers = $format->small($layout->dividerMm);

        return new SetOutAnswer(
            new Advice(
                "Set the gauge to $gauge and run the baseline round the tail board.",
                "Then the dividers to $dividers: step from the left half pin, then from the right one. One more step ".
                    'must land a pin beyond the other line; if it does not, that shows the error of the setting, '.
                    'times '.
                    "the {$layout->tails} steps.",
            ),
            DovetailDrawing::views($layout, $typed, $format),
            self::settings($layout, $typed, $hands, $format),
            self::lines($layout, $typed, $hands, $format),
            DovetailWays::rows($typed, $layout->tails, $hands, $format),
            self::how($layout, $typed),
            Chains::ofDovetails($hands, $format),
        );
    }

    /** @return list<ToolSetting> */
    private static function settings(
        DovetailLayoutResult $layout,
        Typed $typed,
        Hands $hands,
        LengthFormatter $format,
    ): array {
        $gauge = static fn (float $mm, string $of, string $for): ToolSetting => new ToolSetting(
            'marking gauge',
            $for,
            $format->dimension($mm),
            $format->small($mm),
            "mark-parallel $of",
        );
        $chisel = $layout->betweenTailsChiselMm?->value;

        return array_values(array_filter([
            $typed->get('rebate') > 0
                ? new ToolSetting('rebate plane', 'rebate inside the tails', $format->dimension($typed->get('rebate')))
                : null,
            $gauge($layout->tailGaugeMm, 'tails', 'baseline of the tail board, all round'),
            ...$typed->choice('kind') === 'half-blind'
                ? [
                    $gauge($layout->tailGaugeMm, 'pins', 'depth of the sockets, on the front’s end from inside'),
                    $gauge($layout->pinGaugeMm, 'pins', 'baseline of the front, on its inside'),
                ]
                : [$gauge($layout->pinGaugeMm, 'pins', 'baseline of the pin board, on its faces')],
            new ToolSetting('dividers', 'from tail to tail, from both sides', $format->small($layout->dividerMm),
                step: 'step-off tails'),
            new ToolSetting('sliding bevel or template', 'slope of the tails', self::slope($typed->get('slope')),
                step: 'mark-slope tails'),
            $chisel === null
                ? null
                : new ToolSetting('chisel', 'waste between the tails', $format->dimension($chisel),
                    step: 'chop-across tails'),
        ]));
    }

    /** @return list<string> */
    private static function lines(
        DovetailLayoutResult $layout,
        Typed $typed,
        Hands $hands,
        LengthFormatter $format,
    ): array {
        $told = [
            'pin-narrower-than-kerf' => 'The pins are narrower than the saw’s kerf: wider pins, or a finer saw.',
            'no-chisel-between-tails' => 'No chisel at hand goes between the tails: wider pins, or saw the waste out '.
                'and file to the line.',
            'tails-narrower-than-pins' => 'At the baseline the tails are narrower than the pins: fewer tails, or '.
                'narrower pins, hold better.',
        ];
        $between = $layout->betweenPinsChiselMm?->value;

        return array_values(array_filter([
            ...array_map(static fn (string $code): string => $told[$code], $layout->warnings),
            'Pins are '.$format->dimension($layout->pinMm).' at the end and '.
                $format->dimension($layout->pinAtBaselineMm).' at the baseline; tails '.
                $format->dimension($layout->tailMm).' and '.$format->dimension($layout->tailAtBaselineMm).'.',
            $between === null
                ? null
                : 'Between the pins the '.$format->dimension($between).' chisel passes.',
            self::waste($hands),
            self::blade($hands, $format),
            ...self::errors($layout, $format),
            'Two tail boards sawn together give a line of '.$format->dimension(2 * $typed->get('tailBoard')).
                ' to follow, and save half of the tail cuts.',
            'Work held in a vice, hands behind the edge: a chisel breaks through suddenly. These are the usual '.
                'cautions; local rules and trained teaching come first.',
        ], is_string(...)));
    }

    /** @return list<string> what an error of dividers, template and knife does, at the last tail and the last corner */
    private static function errors(DovetailLayoutResult $layout, LengthFormatter $format): array
    {
        $steeper = tan(deg2rad($layout->angleDeg + self::TEMPLATE_DEG)) - tan(deg2rad($layout->angleDeg));
        $lines = 2 * $layout->tails;

        return [
            ...$layout->tails === 1 ? [] : [
                'Dividers set wrong by '.$format->small(self::OFF_MM).' put the last tail off by '.
                    $format->small(self::OFF_MM * ($layout->tails - 1)).'.',
            ],
            'A template half a degree too steep makes every tail '.
                $format->small(2 * $layout->tailGaugeMm * $steeper).' narrower at its baseline.',
            'Knife lines that are each '.$format->small(self::KNIFE_MM)." off add up over $lines sides to ".
                $format->small($lines * self::KNIFE_MM).' at worst, '.
                $format->small(sqrt($lines) * self::KNIFE_MM).' likely.',
            'A corner '.$format->small(self::OFF_MM).' out of square, four times, opens the last by '.
                $format->small(4 * self::OFF_MM).' at worst, '.$format->small(2 * self::OFF_MM).' likely.',
        ];
    }

    /** As the school clears it; common practice. */
    private static function waste(Hands $hands): string
    {
        return match ($hands->school->says('waste')) {
            'fret' => 'Waste: the fret saw turned in the kerf, a little above the line; then the chisel to it.',
            'chisel' => 'Waste: the chisel alone, from the waste side inward, about 1.5 mm at a time, half from each '.
                'face, a touch undercut inside.',
            default => 'Waste: the coping saw a little above the line; then the chisel to it, half from each face, a '.
                'touch undercut inside.',
        };
    }

    /** Which blade for the waste drops into the kerf: turned there, it need not saw its own way in. */
    private static function blade(Hands $hands, LengthFormatter $format): ?string
    {
        $saw = $hands->of(...DovetailJoint::SAWS)[0] ?? null;
        $waste = $hands->of('fret-saw', 'coping-saw')[0] ?? null;
        if ($saw === null || $waste === null) {
            return null;
        }
        $kerf = $saw->sizes()['plate'] + 2 * $saw->sizes()['set'];
        $plate = $waste->sizes()['plate'];

        $blade = "The blade of the {$waste->name} ({$format->small($plate)})";

        return $plate <= $kerf
            ? "$blade drops into the kerf ({$format->small($kerf)})."
            : "$blade does not drop into the kerf ({$format->small($kerf)}): begin it beside the line.";
    }

    /** @return list<Explanation> */
    private static function how(DovetailLayoutResult $layout, Typed $typed): array
    {
        $n = static fn (float $mm): string => LengthFormatter::decimal($mm, 2);

        return [
            new Explanation(
                'What are the dividers set to?',
                '(width − 2 · half pin + pin) ÷ tails',
                "({$n($typed->get('width'))} − 2 · {$n($typed->get('halfPin'))} + {$n($layout->pinMm)}) ÷ ".
                    "{$layout->tails} = {$n($layout->dividerMm)} mm",
                Basis::CommonPractice,
                'Stepped from both sides: geometry, and common practice. The minutes of the ways beside it are from '.
                    'memory.',
            ),
        ];
    }

    private static function slope(float $ratio): string
    {
        return '1:'.LengthFormatter::decimal($ratio, 1).' ('.LengthFormatter::decimal(rad2deg(atan(1 / $ratio)), 1).
            '°)';
    }
}
