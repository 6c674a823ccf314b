<?php

declare(strict_types=1);

namespace JackRest\Desk\Making\Plans;

use JackRest\Core\Basis;
use JackRest\Core\Making\MalletSizes;
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
                static fn (PlanSizes $s): float => MalletSizes::usualHeightMm($s->get('head')),
                50.0,
                130.0,
                '',
                5,
            ),
            PlanField::length(
                'thickness',
                'Thickness of the head',
                static fn (PlanSizes $s): float => MalletSizes::usualThicknessMm($s->get('head')),
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
        $wall = $this->shape()->wallMm();
        $least = $this->shape()->leastHandleMm();

        return match (true) {
            $wall < MalletSizes::LEAST_WALL_MM => [
                'handleWidth' => "The head would keep only {$format->dimension(max(0.0, $wall))} before and behind ".
                    "the mortise: leave {$format->dimension(MalletSizes::LEAST_WALL_MM)} at least.",
            ],
            $s->get('handle') < $least => [
                'handle' => "Too short for a hand: {$format->dimension($least)} at least.",
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
                new WantedPiece($s->get('handle'), $this->shape()->mortiseTopMm() + 2.0, $this->shape()->tongueMm()),
                'ash, hickory, beech; straight-grained',
            ),
        ];
    }

    public function views(LengthFormatter $format): array
    {
        $s = $this->sizes;
        [$head, $height, $handle] = [$s->get('head'), $s->get('height'), $s->get('handle')];
        $step = $height * $this->shape()->slope();
        $middle = $head / 2;
        $below = $handle - $height - MalletSizes::PROUD_MM;
        [$top, $foot] = [$this->shape()->mortiseTopMm() / 2, $s->get('handleWidth') / 2];
        $face = new View(
            'Side',
            $head,
            MalletSizes::PROUD_MM + $height + $below,
            [
                Path::closed(
                    [0.0, MalletSizes::PROUD_MM],
                    [$head, MalletSizes::PROUD_MM],
                    [$head - $step, MalletSizes::PROUD_MM + $height],
                    [$step, MalletSizes::PROUD_MM + $height],
                ),
                Path::closed(
                    [$middle - $foot, MalletSizes::PROUD_MM + $height],
                    [$middle + $foot, MalletSizes::PROUD_MM + $height],
                    [$middle + $foot * 0.9, MalletSizes::PROUD_MM + $height + $below],
                    [$middle - $foot * 0.9, MalletSizes::PROUD_MM + $height + $below],
                ),
                Path::open(
                    [$middle - $top, MalletSizes::PROUD_MM],
                    [$middle - $top, 0.0],
                    [$middle + $top, 0.0],
                    [$middle + $top, MalletSizes::PROUD_MM],
                ),
            ],
            [
                Path::open([$middle - $top, MalletSizes::PROUD_MM], [$middle - $foot, MalletSizes::PROUD_MM + $height]),
                Path::open([$middle + $top, MalletSizes::PROUD_MM], [$middle + $foot, MalletSizes::PROUD_MM + $height]),
            ],
            [
                Dim::across(
                    $step,
                    $head - $step,
                    MalletSizes::PROUD_MM + $height,
                    $format->dimension($head - 2 * $step),
                    'below',
                ),
                Dim::down(MalletSizes::PROUD_MM, MalletSizes::PROUD_MM + $height, $head, $format->dimension($height)),
                Dim::down(0, MalletSizes::PROUD_MM + $height + $below, 0, $format->dimension($handle)),
            ],
        );
        $thick = $s->get('thickness');
        $above = new View(
            'From above',
            $head,
            $thick,
            [
                Path::box(0, 0, $head, $thick),
                Path::box(
                    $middle - $top,
                    ($thick - $this->shape()->tongueMm()) / 2,
                    2 * $top,
                    $this->shape()->tongueMm(),
                ),
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
                "Knife it on top, {$format->dimension($this->shape()->mortiseTopMm())} long, and below, ".
                    "{$format->dimension($s->get('handleWidth'))}, both {$format->dimension(
                        $this->shape()->tongueMm(),
                    )} wide, ".
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
                    LengthFormatter::decimal($this->shape()->faceDeg(), 1).
                    '° each, on rays from the elbow.',
                'Flat, square across.',
                round(10 + 2 * Minutes::sawn($s->get('height') * $s->get('thickness'))),
                'crosscut saw, plane',
            ),
            new MakingStep(
                'Taper and fit the handle',
                'Plane its edges until the head slides up and stops with '.
                    $format->dimension(MalletSizes::PROUD_MM).
                    ' to go; shape the grip.',
                'It goes home with one blow on the handle’s end, and no light shows.',
                40,
                'plane, spokeshave',
            ),
            new MakingStep(
                'Chamfer it and drive it home',
                'Chamfer every edge of the faces: a sharp one splits off. '.
                    'Drive the handle’s top end down on the bench.',
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
            Ask::for('mark-mortise', Facts::of(width: $this->shape()->tongueMm())),
            Ask::for('bore', Facts::of(diameter: min(20.0, $this->shape()->tongueMm() - 2), hardness: Hardness::Hard)),
            Ask::for(
                'chop-mortise',
                Facts::of(width: $this->shape()->tongueMm(), depth: $s->get('height') / 2, hardness: Hardness::Hard),
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
            "The mortise is {$format->dimension($this->shape()->tongueMm())} wide, a third of the head, ".
            "{$format->dimension($this->sizes->get('handleWidth'))} long below and ".
            "{$format->dimension($this->shape()->mortiseTopMm())} above: 1 in ".
            LengthFormatter::decimal(MalletSizes::TAPER, 0).
            ' on each side.',
            'Each face leans by '.
            LengthFormatter::decimal($this->shape()->faceDeg(), 1).
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
                    LengthFormatter::decimal($this->shape()->faceDeg(), 1).
                    '°',
                Basis::CommonPractice,
                'geometry',
            ),
        ];
    }

    private function shape(): MalletSizes
    {
        $s = $this->sizes;

        return new MalletSizes(
            $s->get('head'),
            $s->get('height'),
            $s->get('thickness'),
            $s->get('reach'),
            $s->get('handleWidth'),
        );
    }
}
