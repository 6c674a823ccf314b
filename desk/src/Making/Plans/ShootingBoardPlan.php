<?php

declare(strict_types=1);

namespace JackRest\Desk\Making\Plans;

use JackRest\Core\Basis;
use JackRest\Core\Making\ShootingBoardSizes;
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
use JackRest\Desk\Making\Part;
use JackRest\Desk\Making\PlanField;
use JackRest\Desk\Making\PlanSizes;
use JackRest\Desk\Making\View;

/**
 * A base, a bed on it, a fence square across the bed; the plane lies on its side and runs along the bed's edge.
 * Proportions: common practice, no source.
 */
final readonly class ShootingBoardPlan implements MakingPlan
{
    public function __construct(private PlanSizes $sizes)
    {
    }

    public static function fields(): array
    {
        return [
            PlanField::length('width', 'Longest end it holds', 240.0, 60.0, 450.0, 'width of the bed', 10),
            PlanField::length(
                'plane',
                'Height of your plane on its side',
                65.0,
                30.0,
                110.0,
                'from its sole’s edge to the other cheek: the run it needs',
            ),
            PlanField::length(
                'length',
                'Length',
                static fn (PlanSizes $s): float => ShootingBoardSizes::usualLengthMm($s->get('width')),
                200.0,
                1200.0,
                'the plane’s sole and a stroke',
                10,
            ),
            PlanField::length('base', 'Thickness of the base', 18.0, 9.0, 40.0, 'flat: sheet material does'),
            PlanField::length(
                'bed',
                'Thickness of the bed',
                12.0,
                5.0,
                40.0,
                'so that the middle of the iron meets the work',
            ),
            PlanField::length(
                'fence',
                'Width of the fence',
                static fn (PlanSizes $s): float => ShootingBoardSizes::usualFenceMm($s->get('width')),
                20.0,
                80.0,
            ),
        ];
    }

    public function wrong(LengthFormatter $format): array
    {
        $s = $this->sizes;
        $least = $this->shape()->leastLengthMm();

        return match (true) {
            $s->get('length') < $least => [
                'length' => "The plane would fall off before it cuts: {$format->dimension($least)} at least.",
            ],
            $s->get('bed') > $this->shape()->mostBedMm() => [
                'bed' => 'So thick that the plane’s mouth passes below the work: at most half the plane’s height.',
            ],
            default => [],
        };
    }

    public function parts(): array
    {
        $s = $this->sizes;

        return [
            new Part(
                'base',
                'base',
                new WantedPiece($s->get('length'), $this->shape()->wholeWidthMm(), $s->get('base')),
                'flat and still: quartersawn, or sheet material',
            ),
            new Part(
                'bed',
                'bed',
                new WantedPiece($s->get('length'), $s->get('width'), $s->get('bed')),
                'flat and still: quartersawn, or sheet material',
            ),
            new Part(
                'fence',
                'fence',
                new WantedPiece($s->get('width'), $s->get('fence'), $this->shape()->fenceHeightMm()),
                'hard, straight-grained',
            ),
            new Part(
                'cleat',
                'cleat below',
                new WantedPiece($this->shape()->wholeWidthMm(), $s->get('fence'), 20.0),
                'anything hard',
            ),
        ];
    }

    public function views(LengthFormatter $format): array
    {
        $s = $this->sizes;
        [$length, $width, $fence, $whole] = [
            $s->get('length'),
            $s->get('width'),
            $s->get('fence'),
            $this->shape()->wholeWidthMm(),
        ];
        $at = $length - ShootingBoardSizes::BEYOND_MM - $fence;
        $top = new View(
            'From above; the plane runs along the lower side',
            $length,
            $whole,
            [Path::box(0, 0, $length, $whole), Path::box(0, 0, $length, $width), Path::box($at, 0, $fence, $width)],
            [Path::box(0, 0, $fence, $whole)],
            [
                Dim::across(0, $length, $whole, $format->dimension($length)),
                Dim::down(0, $width, 0, $format->dimension($width)),
                Dim::down($width, $whole, 0, $format->dimension($whole - $width)),
                Dim::across($at, $at + $fence, 0, $format->dimension($fence)),
            ],
        );
        $height = $s->get('base') + $s->get('bed') + $this->shape()->fenceHeightMm();
        $end = new View(
            'From the end',
            $whole,
            $height + 20.0,
            [
                Path::box(0, 0, $width, $this->shape()->fenceHeightMm()),
                Path::box(0, $this->shape()->fenceHeightMm(), $width, $s->get('bed')),
                Path::box(0, $this->shape()->fenceHeightMm() + $s->get('bed'), $whole, $s->get('base')),
                Path::box(0, $height, $whole, 20.0),
            ],
            [],
            [Dim::across(0, $whole, $height + 20.0, $format->dimension($whole))],
        );

        return [$top, $end];
    }

    public function steps(LengthFormatter $format): array
    {
        $s = $this->sizes;

        return [
            CommonSteps::prepare($this->parts(), $format),
            CommonSteps::rest(),
            new MakingStep(
                'True base, bed and run',
                'Base and bed flat and out of wind; shoot the bed’s edge straight, and break its lower corner for '.
                    'the dust.',
                'Winding sticks in line; no light along the bed’s edge.',
                40,
                'try plane, winding sticks, straightedge',
            ),
            new MakingStep(
                'Glue bed to base',
                "Glue the bed on, its outer edge flush, {$format->dimension(
                    $this->shape()->wholeWidthMm() - $s->get('width'),
                )} ".'left for the plane to run on. Weigh it down on a flat.',
                'Still out of wind when the weights are on.',
                20,
                'glue, weights, winding sticks',
                CommonSteps::GLUE_DAYS,
                'the glue',
            ),
            new MakingStep(
                'Fix the fence',
                "Set the fence {$format->dimension(
                    ShootingBoardSizes::BEYOND_MM,
                )} from the far end, square to the bed’s edge; one ".
                    'screw as a pivot, shoot two ends and lay them edge to edge on a flat: they must close. Then '.
                    'glue and screw it.',
                'Two ends shot on it stand in one line, edge to edge.',
                40,
                'square, screws, block',
                CommonSteps::GLUE_DAYS,
                'the glue',
            ),
            new MakingStep(
                'Fix the cleat',
                'Screw the cleat below, flush with the near end, to hook on the bench.',
                'It lies flat and does not rock.',
                10,
                'screws',
            ),
            CommonSteps::oil(),
            new MakingStep(
                'Test it',
                'Shoot two wide ends, turn one over, hold them edge to edge: the gap is twice the fence’s error.',
                'They close.',
                10,
                'plane, two offcuts',
            ),
        ];
    }

    public function tasks(): array
    {
        $s = $this->sizes;

        return [
            ...Ask::board($s->get('base'), $this->shape()->wholeWidthMm(), $s->get('length'), Hardness::Medium),
            Ask::for('shoot-end', Facts::of(width: min($s->get('width'), 100.0), thickness: $s->get('fence'))),
            Ask::for('start-screw'),
            Ask::for('countersink'),
            Ask::for('drive-screw'),
        ];
    }

    public function made(): Made
    {
        return new Made('shooting-board', [
            'length' => $this->sizes->get('length'),
            'width' => $this->sizes->get('width'),
        ]);
    }

    public function lines(LengthFormatter $format): array
    {
        $s = $this->sizes;

        return [
            "It is {$format->dimension($this->shape()->wholeWidthMm())} wide in all: the bed, and ".
            "{$format->dimension($this->shape()->wholeWidthMm() - $s->get('width'))} for the plane to lie on.",
            "The fence is {$format->dimension($this->shape()->fenceHeightMm())} high and stands ".
            "{$format->dimension(ShootingBoardSizes::BEYOND_MM)} from the far end, so that the plane follows through.",
        ];
    }

    public function how(LengthFormatter $format): array
    {
        return [
            new Explanation(
                'How wide is the run?',
                'the plane’s height on its side + '.$format->dimension(ShootingBoardSizes::ROOM_MM),
                "{$format->dimension($this->sizes->get('plane'))} + {$format->dimension(ShootingBoardSizes::ROOM_MM)}",
                Basis::CommonPractice,
                'no source',
            ),
        ];
    }

    private function shape(): ShootingBoardSizes
    {
        $s = $this->sizes;

        return new ShootingBoardSizes($s->get('width'), $s->get('plane'), $s->get('bed'), $s->get('fence'));
    }
}
