<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut\Questions;

use JackRest\Core\Basis;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\MarkingOut\DovetailLayout;
use JackRest\Core\MarkingOut\DovetailLayoutInput;
use JackRest\Core\MarkingOut\DovetailLayoutResult;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Path;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Making\Dim;
use JackRest\Desk\Making\View;
use JackRest\Desk\SetOut\Chains;
use JackRest\Desk\SetOut\Hands;
use JackRest\Desk\SetOut\SetOutAnswer;
use JackRest\Desk\SetOut\SetOutAsk;
use JackRest\Desk\SetOut\SetOutChoice;
use JackRest\Desk\SetOut\SetOutRow;
use JackRest\Desk\SetOut\ToolSetting;
use JackRest\Desk\SetOut\Typed;

/** Dovetails: lines stepped by dividers, gauges for both boards, which chisel and which saw. */
final readonly class Dovetails implements SetOutAsk
{
    private const CHISELS = ['bench-chisel', 'paring-chisel'];

    private const SAWS = ['dovetail-saw', 'fine-pull-saw', 'carcase-saw', 'backed-pull-saw'];

    /** How much of the face is drawn below the baseline, as a share of the tails' length. */
    private const BELOW = 0.8;

    /** A saw cut and a socket cleared and pared, minutes; from memory. */
    private const CUT_MINUTES = 1.5;

    private const SOCKET_MINUTES = 5.0;

    /** As a fine saw cuts; from memory. */
    private const NARROW_MM = 0.7;

    public function fields(Hands $hands): array
    {
        return [
            new FormField('width', Quantity::Length, 10, 1000, 'Width of the boards', expected: 90, begins: 89),
            new FormField('tailBoard', Quantity::Length, 2, 100, 'Tail board, thickness', expected: 19, begins: 19),
            new FormField('pinBoard', Quantity::Length, 2, 100, 'Pin board, thickness', expected: 19, begins: 19),
            new FormField('tails', Quantity::Count, 1, 100, 'Tails', begins: 3),
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
        return [new SetOutChoice('kind', 'They are', ['through' => 'through', 'half-blind' => 'half-blind'])];
    }

    public function named(): array
    {
        return [
            'boardWidthMm' => 'width', 'halfPinMm' => 'halfPin', 'pinMm' => 'pin', 'tails' => 'tails',
            'ratio' => 'slope', 'rebateMm' => 'rebate', 'lap' => 'lap',
        ];
    }

    public function answer(Typed $typed, Hands $hands, LengthFormatter $format): SetOutAnswer
    {
        $layout = self::layout($typed, $hands);
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
            self::views($layout, $typed, $format),
            self::settings($layout, $typed, $hands, $format),
            self::lines($layout, $typed, $hands, $format),
            self::rows($typed, $hands, $format),
            self::how($layout, $typed),
            Chains::ofDovetails($hands, $format),
        );
    }

    /** What of the pin board the tails go into: all of it, or all but the lap. */
    private static function tailLong(Typed $typed): float
    {
        $lap = $typed->choice('kind') === 'half-blind' ? $typed->get('lap') : 0.0;
        if ($lap >= $typed->get('pinBoard')) {
            throw InvalidInput::because('lap', 'must be less than the front is thick');
        }

        return $typed->get('pinBoard') - $lap;
    }

    /** @throws InvalidInput */
    private static function layout(Typed $typed, Hands $hands): DovetailLayoutResult
    {
        $saw = $hands->of(...self::SAWS)[0] ?? null;

        return (new DovetailLayout())(new DovetailLayoutInput(
            $typed->get('width'),
            $typed->get('tailBoard'),
            self::tailLong($typed),
            $typed->get('slope'),
            $typed->get('halfPin'),
            $typed->find('pin'),
            $typed->whole('tails'),
            null,
            $typed->get('rebate'),
            $typed->get('proud'),
            $saw === null ? null : $saw->sizes()['plate'] + 2 * $saw->sizes()['set'],
            $hands->chisels(...self::CHISELS),
        ));
    }

    /** @return list<View> */
    private static function views(DovetailLayoutResult $layout, Typed $typed, LengthFormatter $format): array
    {
        [$width, $long] = [$typed->get('width'), $layout->tailGaugeMm];
        $slant = ($layout->tailMm - $layout->tailAtBaselineMm) / 2;
        $deep = $long * (1 + self::BELOW);
        $outline = [];
        $pins = [Path::closed([0, 0], [$layout->halfPinMm(), 0], [$layout->halfPinAtBaselineMm, $long], [0, $long])];
        foreach ($layout->fromLeftMm as $left) {
            $right = $left + $layout->tailMm;
            array_push($outline, [$left + $slant, $long], [$left, 0.0], [$right, 0.0], [$right - $slant, $long]);
            $next = $right === $width ? $width : min($width, $right + $layout->pinMm);
            $isLast = $right + $layout->pinMm > $width - $layout->halfPinMm() + 1e-6;
            $pins[] = $isLast
                ? Path::closed([$right, 0], [$width, 0], [$width, $long], [$right - $slant, $long])
                : Path::closed([$right, 0], [$next, 0], [$next + $slant, $long], [$right - $slant, $long]);
        }
        $first = $layout->fromLeftMm[0];

        return [
            new View(
                'Tail board, its face',
                $width,
                $deep,
                [Path::closed([0, $long], ...[...$outline, [$width, $long], [$width, $deep], [0, $deep]])],
                [Path::open([0, $long], [$width, $long]), ...self::stepping($layout, $typed)],
                [
                    Dim::across($first, $first + $layout->tailMm, 0, $format->dimension($layout->tailMm), 'above'),
                    Dim::down(0, $long, $width, $format->dimension($long), 'right'),
                    ...$layout->tails > 1
                        ? [Dim::across($first, $layout->fromLeftMm[1], $deep, $format->small($layout->dividerMm),
                            'below')]
                        : [],
                ],
            ),
            new View(
                'Pin board, its end',
                $width,
                $long,
                $pins,
                [Path::box(0, 0, $width, $long)],
                [
                    Dim::across(0, $first, 0, $format->dimension($first), 'above'),
                    Dim::across(0, $layout->halfPinAtBaselineMm, $long,
                        $format->dimension($layout->halfPinAtBaselineMm),
                        'below'),
                ],
            ),
        ];
    }

    /**
     * The dividers' steps from the left and from the right, below the baseline; the one beyond the other line, too.
     *
     * @return list<Path>
     */
    private static function stepping(DovetailLayoutResult $layout, Typed $typed): array
    {
        [$width, $long, $step] = [$typed->get('width'), $layout->tailGaugeMm, $layout->dividerMm];
        $arcs = [];
        foreach ([[$layout->fromLeftMm, $step, 1.35], [$layout->fromRightMm, -$step, 1.7]] as [$places, $by, $down]) {
            foreach ($places as $place) {
                $to = max(0.0, min($width, $place + $by));
                $y = $long * $down;
                $arcs[] = Path::open(...Path::bend([$place, $y], [($place + $to) / 2, $y - $long / 2], [$to, $y]));
            }
        }

        return $arcs;
    }

    /** @return list<ToolSetting> */
    private static function settings(
        DovetailLayoutResult $layout,
        Typed $typed,
        Hands $hands,
        LengthFormatter $format,
    ): array {
        $gauge = static fn (float $mm, string $for): ToolSetting => new ToolSetting(
            'marking gauge',
            $for,
            $format->dimension($mm),
            $format->small($mm),
        );
        $chisel = $layout->betweenTailsChiselMm?->value;

        return array_values(array_filter([
            $typed->get('rebate') > 0
                ? new ToolSetting('rebate plane', 'rebate inside the tails', $format->dimension($typed->get('rebate')))
                : null,
            $gauge($layout->tailGaugeMm, 'baseline of the tail board, all round'),
            ...$typed->choice('kind') === 'half-blind'
                ? [
                    $gauge($layout->tailGaugeMm, 'depth of the sockets, on the front’s end from inside'),
                    $gauge($layout->pinGaugeMm, 'baseline of the front, on its inside'),
                ]
                : [$gauge($layout->pinGaugeMm, 'baseline of the pin board, on its faces')],
            new ToolSetting('dividers', 'from tail to tail, from both sides', $format->small($layout->dividerMm)),
            new ToolSetting('sliding bevel or template', 'slope of the tails', self::slope($typed->get('slope'))),
            $chisel === null
                ? null
                : new ToolSetting('chisel', 'waste between the tails', $format->dimension($chisel)),
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
            'Dividers that are '.$format->small(0.1).' off put the last tail '.
                $format->small(0.1 * $layout->tails).' off. A corner '.$format->small(0.1).
                ' out of square, four times, opens the last by '.$format->small(0.4).' at worst, '.
                $format->small(0.2).' likely.',
            'Two tail boards sawn together give a line of '.$format->dimension(2 * $typed->get('tailBoard')).
                ' to follow, and save half of the tail cuts.',
            'Work held in a vice, hands behind the edge: a chisel breaks through suddenly. These are the usual '.
                'cautions; local rules and trained teaching come first.',
        ], is_string(...)));
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
        $saw = $hands->of(...self::SAWS)[0] ?? null;
        $waste = $hands->of('fret-saw', 'coping-saw')[0] ?? null;
        if ($saw === null || $waste === null) {
            return null;
        }
        $kerf = $saw->sizes()['plate'] + 2 * $saw->sizes()['set'];
        $plate = $waste->sizes()['plate'];

        return $plate <= $kerf
            ? "The {$waste->name}’s blade ({$format->small($plate)}) drops into the kerf ({$format->small($kerf)})."
            : "The {$waste->name}’s blade ({$format->small($plate)}) does not drop into the kerf ".
                "({$format->small($kerf)}): begin it beside the line.";
    }

    /** @return list<SetOutRow> fewer and wider, more and narrower */
    private static function rows(Typed $typed, Hands $hands, LengthFormatter $format): array
    {
        $rows = [];
        $now = $typed->whole('tails');
        foreach (range(max(1, $now - 2), $now + 2) as $tails) {
            try {
                $layout = self::layout($typed->with('tails', $tails), $hands);
            } catch (InvalidInput) {
                continue;
            }
            $cuts = 4 * $tails;
            $minutes = $cuts * self::CUT_MINUTES + (2 * $tails + 1) * self::SOCKET_MINUTES;
            $rows[] = new SetOutRow(
                $tails === 1 ? 'One tail' : "$tails tails",
                $format->dimension($layout->tailMm).' wide, '.$format->dimension($layout->tailAtBaselineMm).
                    ' at the baseline',
                "$cuts saw cuts a corner, about ".(int) round($minutes).' min with the waste',
                $tails === $now,
            );
        }

        foreach (self::pins($typed, $hands) as $name => $pin) {
            try {
                $layout = self::layout($typed->with('pin', $pin), $hands);
            } catch (InvalidInput) {
                continue;
            }
            $rows[] = new SetOutRow(
                $name,
                'pins '.$format->dimension($pin).', tails '.$format->dimension($layout->tailMm).' wide',
                'dividers '.$format->small($layout->dividerMm).', '.
                    ($layout->betweenTailsChiselMm?->value === null
                        ? 'no chisel at hand goes between'
                        : 'the '.$format->dimension($layout->betweenTailsChiselMm->value).' chisel goes between'),
                abs($pin - $layout->pinMm) < 1e-9 && abs($pin - ($typed->find('pin') ?? -1.0)) < 1e-9,
            );
        }

        return [...$rows, ...self::graded($typed, $format)];
    }

    /**
     * Narrow tails at the edges, where boards cup, and wide ones in the middle: no dividers step them.
     *
     * @return list<SetOutRow>
     */
    private static function graded(Typed $typed, LengthFormatter $format): array
    {
        $tails = $typed->whole('tails');
        $pin = $typed->find('pin') ?? $typed->get('halfPin');
        $room = $typed->get('width') - 2 * $typed->get('halfPin') - ($tails - 1) * $pin;
        if ($tails < 3 || $room <= 0) {
            return [];
        }
        // One more share for each tail further in.
        $shares = array_map(static fn (int $tail): int => 2 + min($tail, $tails - 1 - $tail), range(0, $tails - 1));
        $each = $room / array_sum($shares);

        return [new SetOutRow(
            'Graded',
            'tails '.implode(', ', array_map(
                static fn (int $share): string => $format->dimension($share * $each),
                array_slice($shares, 0, intdiv($tails + 1, 2)),
            )).' from the edge inward',
            'pins '.$format->dimension($pin).'; every line is measured, or knifed from a stick',
            false,
        )];
    }

    /**
     * Other pins for as many tails: as narrow as the saw lets through, and as wide as the tails half way down.
     *
     * @return array<string, float>
     */
    private static function pins(Typed $typed, Hands $hands): array
    {
        $saw = $hands->of(...self::SAWS)[0] ?? null;
        $narrow = $saw === null ? self::NARROW_MM : $saw->sizes()['plate'] + 2 * $saw->sizes()['set'];
        $tails = $typed->get('tails');
        $room = $typed->get('width') - 2 * $typed->get('halfPin');
        // Half way down tail and pin are alike when tail − pin = 2 · (length ÷ slope); dividers are tail + pin.
        $slant = (self::tailLong($typed) + $typed->get('proud')) / $typed->get('slope');
        $equal = ($room / $tails - 2 * $slant) / (2 - 1 / $tails);

        return ['Narrowest pins' => $narrow, ...$equal > $narrow ? ['Equal half way down' => $equal] : []];
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
