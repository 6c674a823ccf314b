<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut\Questions;

use JackRest\Core\Basis;
use JackRest\Core\MarkingOut\MortiseLayout;
use JackRest\Core\MarkingOut\MortiseLayoutInput;
use JackRest\Core\MarkingOut\MortiseLayoutResult;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Path;
use JackRest\Core\Setting\ShavingCount;
use JackRest\Core\Setting\ShavingCountInput;
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
use JackRest\Desk\SetOut\ToolSetting;
use JackRest\Desk\SetOut\Typed;

/** Mortise and tenon: one setting of the mortise gauge from the chisel, walls and cheeks, the saw, and the fit. */
final readonly class Mortise implements SetOutAsk
{
    private const CHISELS = ['mortise-chisel', 'bench-chisel', 'firmer-chisel', 'paring-chisel'];

    private const SAWS = ['tenon-saw', 'carcase-saw', 'dovetail-saw', 'backed-pull-saw', 'double-edged-pull-saw'];

    /** What a mortise is chopped with where no chisel is at hand: the useful widths of the trade (common practice). */
    private const USUAL_MM = [6.0, 10.0, 12.0];

    /** Left at a stile's end until it is glued; common practice. */
    private const HORN_MM = 20.0;

    /** A cheek's error is drawn so many times larger. */
    private const LARGER = 10.0;

    public function fields(Hands $hands): array
    {
        return [
            new FormField('stock', Quantity::Length, 6, 200, 'Stile, thickness', expected: 24, begins: 24),
            new FormField('rail', Quantity::Length, 6, 200, 'Rail, thickness', 'as the stile where empty',
                expected: 24),
            new FormField('railWidth', Quantity::Length, 10, 500, 'Rail, width', expected: 60, begins: 60),
            new FormField('depth', Quantity::Length, 3, 300, 'Tenon, length', expected: 30, begins: 30),
            new FormField('mortise', Quantity::Length, 2, 60, 'Mortise, width', 'the chisel; chosen where empty',
                expected: 10),
            new FormField('top', Quantity::Length, 0, 200, 'Shoulder above', begins: 0, isAside: true),
            new FormField('bottom', Quantity::Length, 0, 200, 'Shoulder below', begins: 0, isAside: true),
            new FormField('haunch', Quantity::Length, 0, 100, 'Haunch', 'left in the shoulder above; 0 for none',
                begins: 0, isAside: true),
            new FormField('offset', Quantity::Length, -50, 50, 'Off the middle', 'away from the face side', begins: 0,
                isAside: true),
            new FormField('tenon', Quantity::Thickness, 1, 100, 'Tenon as it is now', 'measured, to fit it',
                isReading: true),
            new FormField('shaving', Quantity::Thickness, 0.005, 1, 'Shaving off a cheek',
                begins: $hands->shaving(), isAside: true),
        ];
    }

    public function choices(Hands $hands): array
    {
        return [new SetOutChoice('through', 'The tenon', ['no' => 'stops inside', 'yes' => 'goes through'])];
    }

    public function named(): array
    {
        return [
            'stockMm' => 'stock', 'railMm' => 'rail', 'railWidthMm' => 'railWidth', 'offsetMm' => 'offset',
            'shouldersMm' => 'top', 'chiselsMm' => 'mortise', 'fromMm' => 'tenon',
        ];
    }

    public function answer(Typed $typed, Hands $hands, LengthFormatter $format): SetOutAnswer
    {
        $wanted = $typed->find('mortise');
        $own = $wanted === null ? $hands->chisels(...self::CHISELS) : [$wanted];
        $layout = (new MortiseLayout())(new MortiseLayoutInput(
            $typed->get('stock'),
            $typed->get('railWidth'),
            $own === [] ? self::USUAL_MM : $own,
            $typed->get('depth'),
            $typed->find('rail'),
            $typed->get('offset'),
            [$typed->get('top'), $typed->get('bottom')],
            $typed->choice('through') === 'yes',
        ));
        [$near, $far] = array_map($format->dimension(...), $layout->gaugeMm);
        $chisel = $format->dimension($layout->chiselMm);

        return new SetOutAnswer(
            new Advice(
                "Set the mortise gauge to $near and $far, with the $chisel chisel between its points.",
                'The same setting, always from the face side, marks stile and rail: their faces come flush.'.
                    ($own === [] ? ' No chisel hangs here; the usual widths were taken.' : ''),
            ),
            self::views($layout, $typed, $format),
            self::settings($layout, $near, $far, $format),
            self::lines($layout, $typed, $hands, $format),
            [],
            [
                new Explanation(
                    'Why this chisel?',
                    'at most half the thinner wood, nearest to a third of it',
                    'a third is '.LengthFormatter::decimal(min($typed->get('stock'), $typed->find('rail') ?? INF) / 3,
                        1).
                        ' mm; the chisel is '.LengthFormatter::decimal($layout->chiselMm, 1).' mm',
                    Basis::CommonPractice,
                    'A third of the stock, as wide as a chisel that one has.',
                ),
            ],
            Chains::ofTenon($hands, $format),
        );
    }

    /** @return list<View> */
    private static function views(MortiseLayoutResult $layout, Typed $typed, LengthFormatter $format): array
    {
        [$near, $far] = $layout->gaugeMm;
        $stock = $typed->get('stock');
        $rail = $typed->find('rail') ?? $stock;
        $wide = $typed->get('railWidth');
        $long = $layout->tenonLengthMm;
        $deep = $layout->mortiseDepthMm;
        $body = max($long, 25.0);

        return [
            new View(
                'Stile, cut through',
                $stock,
                $deep * 1.4,
                [
                    Path::closed(
                        [0, 0], [$near, 0], [$near, $deep], [$far, $deep], [$far, 0], [$stock, 0],
                        [$stock, $deep * 1.4], [0, $deep * 1.4],
                    ),
                ],
                [],
                [
                    Dim::across(0, $near, 0, $format->dimension($near), 'above'),
                    Dim::across($far, $stock, $deep * 1.4, $format->dimension($stock - $far), 'below'),
                    Dim::down(0, $deep, $stock, $format->dimension($deep), 'right'),
                ],
            ),
            new View(
                $typed->find('tenon') === null ? 'Rail, its edge' : 'Rail, edge; dashed × 10',
                $rail,
                $long + $body,
                [
                    Path::closed(
                        [$near, 0], [$far, 0], [$far, $long], [$rail, $long], [$rail, $long + $body],
                        [0, $long + $body], [0, $long], [$near, $long],
                    ),
                ],
                self::surplus($layout, $typed, $near, $far),
                [
                    Dim::across($near, $far, 0, $format->dimension($layout->chiselMm), 'above'),
                    Dim::down(0, $long, $rail, $format->dimension($long), 'right'),
                ],
            ),
            self::face($layout, $typed, $long + $body, $format),
        ];
    }

    /**
     * What the tenon is too thick, on each cheek, ten times larger; no wider than the rail.
     *
     * @return list<Path>
     */
    private static function surplus(MortiseLayoutResult $layout, Typed $typed, float $near, float $far): array
    {
        $over = ($typed->find('tenon') ?? $layout->chiselMm) - $layout->chiselMm;
        if ($over <= 0) {
            return [];
        }
        $each = min(self::LARGER * $over / 2, ...$layout->railCheeksMm);
        $long = $layout->tenonLengthMm;

        return [
            Path::open([$near - $each, 0], [$near - $each, $long]),
            Path::open([$far + $each, 0], [$far + $each, $long]),
        ];
    }

    /** The rail's face with its tenon, and the haunch where one is left in the shoulder above. */
    private static function face(
        MortiseLayoutResult $layout,
        Typed $typed,
        float $high,
        LengthFormatter $format,
    ): View {
        [$wide, $long, $top] = [$typed->get('railWidth'), $layout->tenonLengthMm, $typed->get('top')];
        $bottom = $wide - $typed->get('bottom');
        $haunch = $top > 0 ? min($typed->get('haunch'), $long) : 0.0;
        $shoulder = $haunch > 0 ? [[0, $long], [0, $long - $haunch], [$top, $long - $haunch]]
            : [[0, $long], [$top, $long]];

        return new View(
            'Rail, its face',
            $wide,
            $high,
            [Path::closed([$top, 0], [$bottom, 0], [$bottom, $long], [$wide, $long], [$wide, $high], [0, $high],
                ...$shoulder)],
            [Path::open([0, $long], [$wide, $long])],
            [
                Dim::across($top, $bottom, 0, $format->dimension($layout->tenonWidthMm), 'above'),
                ...$haunch > 0 ? [Dim::down($long - $haunch, $long, 0, $format->dimension($haunch), 'left')] : [],
            ],
        );
    }

    /** @return list<ToolSetting> */
    private static function settings(
        MortiseLayoutResult $layout,
        string $near,
        string $far,
        LengthFormatter $format,
    ): array {
        return [
            new ToolSetting('mortise gauge', 'mortise and tenon, from the face sides', "$near and $far", "$near/$far",
                'mark-mortise'),
            new ToolSetting('chisel', 'chops the mortise', $format->dimension($layout->chiselMm), step: 'chop-mortise'),
            new ToolSetting('knife and square', 'shoulders, from the rail’s end',
                $format->dimension($layout->tenonLengthMm), step: 'saw-tenon-shoulder'),
            new ToolSetting('tape on the chisel', 'depth of the mortise', $format->dimension($layout->mortiseDepthMm),
                step: 'chop-mortise'),
        ];
    }

    /** @return list<string> */
    private static function lines(
        MortiseLayoutResult $layout,
        Typed $typed,
        Hands $hands,
        LengthFormatter $format,
    ): array {
        [$face, $back] = $layout->stileWallsMm;

        return array_values(array_filter([
            self::saw($layout->sawDepthMm, $hands, $format),
            self::fit($layout, $typed, $format),
            'Walls of the stile '.$format->dimension($face).' at the face and '.$format->dimension($back).
                ' behind; off the rail come '.implode(' and ',
                    array_map($format->dimension(...), $layout->railCheeksMm)).'.',
            'At a stile’s end leave a horn of about '.$format->dimension(self::HORN_MM).
                ' until it is glued, or the mortise splits out.',
            'Work clamped, hands behind the edge. These are the usual cautions; local rules and trained teaching come '.
                'first.',
        ], is_string(...)));
    }

    private static function saw(float $depth, Hands $hands, LengthFormatter $format): string
    {
        $deepest = null;
        foreach ($hands->of(...self::SAWS) as $saw) {
            $deepest = $deepest === null || $saw->sizes()['depth'] > $deepest->sizes()['depth'] ? $saw : $deepest;
        }
        if ($deepest === null) {
            return 'No saw for cheeks hangs here: a tenon saw, or a handsaw held to the line.';
        }
        $reach = $deepest->sizes()['depth'];

        return $reach >= $depth
            ? "The {$deepest->name} reaches {$format->dimension($reach)} under its back: enough for the cheeks."
            : "The {$deepest->name} reaches {$format->dimension($reach)} under its back, and the cheeks are ".
                "{$format->dimension($depth)} deep: turn the rail and saw from both edges, or take a handsaw.";
    }

    private static function fit(MortiseLayoutResult $layout, Typed $typed, LengthFormatter $format): ?string
    {
        $now = $typed->find('tenon');
        if ($now === null) {
            return null;
        }
        $over = $now - $layout->chiselMm;
        if ($over <= 0) {
            return $over > -0.1
                ? 'The tenon is as thick as the mortise is wide: try it.'
                : 'The tenon is '.$format->small(-$over).
                    ' too thin: glue a shaving or a veneer on its cheeks and begin anew.';
        }
        $count = (new ShavingCount())(
            new ShavingCountInput($now, $layout->chiselMm, $typed->get('shaving'), faces: 2),
        );
        [$one, $other] = [$count->perFace[0], $count->perFace[1] ?? 0];
        $each = $one === $other ? "$one off each cheek" : "$one off one cheek, $other off the other";

        return 'The tenon is '.$format->small($over)." too thick: $each, then try.";
    }
}
