<?php

declare(strict_types=1);

namespace JackRest\Desk\Making\Plans;

use JackRest\Core\Basis;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Path;
use JackRest\Core\Shelf\WantedPiece;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Ask;
use JackRest\Core\Work\Facts;
use JackRest\Desk\Explanation;
use JackRest\Desk\Making\CommonSteps;
use JackRest\Desk\Making\Dim;
use JackRest\Desk\Making\Made;
use JackRest\Desk\Making\MakingPlan;
use JackRest\Desk\Making\MakingStep;
use JackRest\Desk\Making\Minutes;
use JackRest\Desk\Making\Part;
use JackRest\Desk\Making\PlanField;
use JackRest\Desk\Making\PlanSizes;
use JackRest\Desk\Making\View;

/**
 * A head on a handle through a tapered mortise: the mortise is wider above, so the head goes up the handle and cannot
 * fly
 * off. Its faces lie on rays from the elbow: they strike flat. Proportions: common practice, no source.
 */
final readonly class MalletPlan implements MakingPlan
{
    /** The mortise widens by one in so many on each side. */
    private const TAPER = 25.0;

    private const LEAST_WALL_MM = 15.0;

    /** Handle left above the head. */
    private const PROUD_MM = 6.0;

    public function __construct(private PlanSizes $sizes)
    {
    }

    public static function fields(): array
    {
        return [
            PlanField::length('head', 'Length of the head', 150.0, 80.0, 250.0, 'from face to face', 5),
            PlanField::length(
                'height',
                'Height of the head',
                static fn (PlanSizes $s): float => PlanSizes::round(0.58 * $s->get('head'), 50.0, 130.0),
                50.0,
                130.0,
                '',
                5,
            ),
            PlanField::length(
                'thickness',
                'Thickness of the head',
                static fn (PlanSizes $s): float => PlanSizes::round(0.43 * $s->get('head'), 40.0, 100.0),
                30.0,
                120.0,
            ),
            PlanField::length(
                'reach',
                'From your elbow to the head',
                400.0,
                200.0,
                600.0,
                'with the mallet in the hand: the faces lie on rays from there',
                10,
            ),
            PlanField::length('handle', 'Length of the handle in all', 310.0, 200.0, 450.0, '', 10),
            PlanField::length('handleWidth', 'Width of the handle below the head', 34.0, 20.0, 60.0),
        ];
    }

    public function wrong(LengthFormatter $format): array
    {
        $s = $this->sizes;
        $wall = ($s->get('head') - ((2 * $s->get('height')) / 2) * $this->slope() - $this->mortiseTop()) / 2;

        return match (true) {
            $wall < self::LEAST_WALL_MM => [
                'handleWidth' => "The head would keep only {$format->dimension(max(0.0, $wall))} before and behind ".
                    "the mortise: leave {$format->dimension(self::LEAST_WALL_MM)} at least.",
            ],
            $s->get('handle') < $s->get('height') + 100 => [
                'handle' => "Too short for a hand: {$format->dimension($s->get('height') + 100)} at least.",
            ],
            default => [],
        };
    }

    public function parts(): array
    {
        $s = $this->sizes;

        return [
            new Part(
                'head',
                'head',
                new WantedPiece($s->get('head'), $s->get('height'), $s->get('thickness')),
                'heavy and hard to split: beech, apple, elm, hornbeam',
            ),
            new Part(
                'handle',
                'handle',
                new WantedPiece($s->get('handle'), $this->mortiseTop() + 2.0, $this->tongue()),
                'ash, hickory, beech; straight-grained',
            ),
        ];
    }

    public function views(LengthFormatter $format): array
    {
        $s = $this->sizes;
        [$head, $height, $handle] = [$s->get('head'), $s->get('height'), $s->get('handle')];
        $step = $height * $this->slope();
        $middle = $head / 2;
        $below = $handle - $height - self::PROUD_MM;
        [$top, $foot] = [$this->mortiseTop() / 2, $s->get('handleWidth') / 2];
        $face = new View(
            'Side',
            $head,
            self::PROUD_MM + $height + $below,
            [
                Path::closed(
                    [0.0, self::PROUD_MM],
                    [$head, self::PROUD_MM],
                    [$head - $step, self::PROUD_MM + $height],
                    [$step, self::PROUD_MM + $height],
                ),
                Path::closed(
                    [$middle - $foot, self::PROUD_MM + $height],
                    [$middle + $foot, self::PROUD_MM + $height],
                    [$middle + $foot * 0.9, self::PROUD_MM + $height + $below],
                    [$middle - $foot * 0.9, self::PROUD_MM + $height + $below],
                ),
                Path::open(
                    [$middle - $top, self::PROUD_MM],
                    [$middle - $top, 0.0],
                    [$middle + $top, 0.0],
                    [$middle + $top, self::PROUD_MM],
                ),
            ],
            [
                Path::open([$middle - $top, self::PROUD_MM], [$middle - $foot, self::PROUD_MM + $height]),
                Path::open([$middle + $top, self::PROUD_MM], [$middle + $foot, self::PROUD_MM + $height]),
            ],
            [
                Dim::across(
                    $step,
                    $head - $step,
                    self::PROUD_MM + $height,
                    $format->dimension($head - 2 * $step),
                    'below',
                ),
                Dim::down(self::PROUD_MM, self::PROUD_MM + $height, $head, $format->dimension($height)),
                Dim::down(0, self::PROUD_MM + $height + $below, 0, $format->dimension($handle)),
            ],
        );
        $thick = $s->get('thickness');
        $above = new View(
            'From above',
            $head,
            $thick,
            [
                Path::box(0, 0, $head, $thick),
                Path::box($middle - $top, ($thick - $this->tongue()) / 2, 2 * $top, $this->tongue()),
            ],
            [],
            [
                Dim::across($middle - $top, $middle + $top, $thick, $format->dimension(2 * $top)),
                Dim::across(0, $head, 0, $format->dimension($head)),
                Dim::down(0, $thick, $head, $format->dimension($thick)),
            ],
        );

        return [$face, $above];
    }

    public function steps(LengthFormatter $format): array
    {
        $s = $this->sizes;

        return [
            CommonSteps::prepare($this->parts(), $format),
            new MakingStep(
                'Mark the mortise',
                "Knife it on top, {$format->dimension($this->mortiseTop())} long, and below, ".
                    "{$format->dimension($s->get('handleWidth'))}, both {$format->dimension($this->tongue())} wide, ".
                    'from the same middle line.',
                'Both stand over each other about one middle.',
                15,
                'knife, square, mortise gauge',
            ),
            new MakingStep(
                'Bore and chop it',
                'Bore most of it out from both sides, chop to the lines; its ends slope from the upper line to the '.
                    'lower.',
                'The ends are straight, seen with a rule through the hole.',
                round(30 + $s->get('height') / 2),
                'brace and bit, mortise chisel, a mallet borrowed',
            ),
            new MakingStep(
                'Saw the faces',
                'Saw both faces to the template: they lean in below by '.
                    LengthFormatter::decimal($this->faceDeg(), 1).
                    '° each, on rays from the elbow.',
                'Flat, square across.',
                round(10 + 2 * Minutes::sawn($s->get('height') * $s->get('thickness'))),
                'crosscut saw, plane',
            ),
            new MakingStep(
                'Taper and fit the handle',
                'Plane its edges until the head slides up and stops with '.
                    $format->dimension(self::PROUD_MM).
                    ' to go; shape the grip.',
                'It goes home with one blow on the handle’s end, and no light shows.',
                40,
                'plane, spokeshave',
            ),
            new MakingStep(
                'Chamfer it and drive it home',
                'Chamfer every edge of the faces: a sharp one splits off. '
                    .'Drive the handle’s top end down on the bench.',
                'Nothing moves when it strikes.',
                20,
                'chisel, block plane',
            ),
            CommonSteps::oil(),
        ];
    }

    public function tasks(): array
    {
        $s = $this->sizes;

        return [
            Ask::for(
                'crosscut',
                Facts::of(thickness: $s->get('thickness'), width: $s->get('height'), hardness: Hardness::Hard),
            ),
            Ask::for(
                'rip',
                Facts::of(
                    thickness: $s->get('thickness'),
                    width: $s->get('height'),
                    length: $s->get('handle'),
                    hardness: Hardness::Hard,
                ),
            ),
            Ask::for('flatten', Facts::of(length: $s->get('handle'), width: $s->get('height'))),
            Ask::for('mark-mortise', Facts::of(width: $this->tongue())),
            Ask::for('bore', Facts::of(diameter: min(20.0, $this->tongue() - 2), hardness: Hardness::Hard)),
            Ask::for(
                'chop-mortise',
                Facts::of(width: $this->tongue(), depth: $s->get('height') / 2, hardness: Hardness::Hard),
            ),
            Ask::for('taper'),
            Ask::for('chamfer'),
        ];
    }

    public function made(): Made
    {
        $s = $this->sizes;

        return new Made('mallet', [
            'length' => $s->get('handle'),
            'head' => $s->get('head'),
            'width' => $s->get('height'),
        ]);
    }

    public function lines(LengthFormatter $format): array
    {
        return [
            "The mortise is {$format->dimension($this->tongue())} wide, a third of the head, ".
            "{$format->dimension($this->sizes->get('handleWidth'))} long below and ".
            "{$format->dimension($this->mortiseTop())} above: 1 in ".
            LengthFormatter::decimal(self::TAPER, 0).
            ' on each side.',
            'Each face leans by '.
            LengthFormatter::decimal($this->faceDeg(), 1).
            '°: they meet at the elbow, and strike flat.',
        ];
    }

    public function how(LengthFormatter $format): array
    {
        $s = $this->sizes;

        return [
            new Explanation(
                'How far do the faces lean?',
                'atan(half the head ÷ reach)',
                "atan({$format->dimension($s->get('head') / 2)} ÷ {$format->dimension($s->get('reach'))}) = ".
                    LengthFormatter::decimal($this->faceDeg(), 1).
                    '°',
                Basis::CommonPractice,
                'geometry',
            ),
        ];
    }

    private function slope(): float
    {
        return $this->sizes->get('head') / 2 / $this->sizes->get('reach');
    }

    private function faceDeg(): float
    {
        return rad2deg(atan($this->slope()));
    }

    /** Thickness of the handle where it goes through. */
    private function tongue(): float
    {
        return PlanSizes::round($this->sizes->get('thickness') / 3, 10.0, 30.0);
    }

    private function mortiseTop(): float
    {
        return $this->sizes->get('handleWidth') + (2 * $this->sizes->get('height')) / self::TAPER;
    }
}
