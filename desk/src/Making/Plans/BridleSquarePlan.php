<?php

declare(strict_types=1);

namespace JackRest\Desk\Making\Plans;

use JackRest\Core\Basis;
use JackRest\Core\Making\BridleJoint;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Path;
use JackRest\Core\Shelf\WantedPiece;
use JackRest\Core\Work\Ask;
use JackRest\Core\Work\Facts;
use JackRest\Desk\Explanation;
use JackRest\Desk\Making\CommonSteps;
use JackRest\Desk\Making\Dim;
use JackRest\Desk\Making\Made;
use JackRest\Desk\Making\MakingPlan;
use JackRest\Desk\Making\MakingStep;
use JackRest\Desk\Making\Minutes;
use JackRest\Desk\Making\PlanSizes;
use JackRest\Desk\Making\View;

/**
 * A try square whose blade is glued into a slot in the end of the stock and held by three pins.
 *
 * The slot takes a third of the stock's thickness and is as deep as the blade is wide; the pins stand in a triangle,
 * two
 * toward the stock's end of the blade's run and one opposite. Proportions: common practice, no source.
 */
final readonly class BridleSquarePlan implements MakingPlan
{
    private const CROSS_MM = 1.2;

    public function __construct(private PlanSizes $sizes)
    {
    }

    public static function fields(): array
    {
        return SquareFields::list();
    }

    public function wrong(LengthFormatter $format): array
    {
        $wrong = SquareFields::wrong($this->sizes, $format);

        return $wrong + SquareFields::wallWrong($this->sizes, 'it', $format);
    }

    public function parts(): array
    {
        return SquareFields::parts($this->sizes, $this->blade());
    }

    public function views(LengthFormatter $format): array
    {
        $s = $this->sizes;
        [$b, $w, $stock, $sw, $t] = [
            $s->get('blade'),
            $s->get('bladeWidth'),
            $s->get('stock'),
            $s->get('stockWidth'),
            $s->get('stockThickness'),
        ];
        $face = new View(
            'Face',
            $sw + $b,
            max($stock, $w),
            [
                Path::box(0, 0, $sw, $stock),
                Path::box($sw, 0, $b, $w),
                ...array_map(
                    fn (array $pin): Path => Path::disc($pin[0], $pin[1], $this->joint()->pinMm() / 2),
                    $this->joint()->pins(),
                ),
                ...$this->crosses(),
            ],
            [Path::open([0.0, $w], [$sw, $w])],
            [
                Dim::across($sw, $sw + $b, $w, $format->dimension($b), 'below'),
                Dim::down(0, $w, $sw + $b, $format->dimension($w)),
                Dim::down(0, $stock, 0, $format->dimension($stock)),
                Dim::across(0, $sw, $stock, $format->dimension($sw)),
            ],
        );
        $wall = SquareFields::square($this->sizes)->wallMm();
        $end = new View(
            'End of the stock',
            $t,
            $sw,
            [
                Path::box(0, 0, $t, $sw),
                Path::open([$wall, 0.0], [$wall, $sw]),
                Path::open([$t - $wall, 0.0], [$t - $wall, $sw]),
            ],
            [],
            [
                Dim::across($wall, $t - $wall, 0, $format->dimension($s->get('bladeThickness'))),
                Dim::across(0, $t, $sw, $format->dimension($t)),
            ],
        );

        return [$face, $end];
    }

    public function steps(LengthFormatter $format): array
    {
        $s = $this->sizes;
        $depth = $format->dimension($s->get('bladeWidth'));
        $slot = $s->get('bladeWidth') * $s->get('stockWidth');

        return [
            CommonSteps::prepare($this->parts(), $format),
            CommonSteps::rest(),
            CommonSteps::again($this->blade(), $format),
            new MakingStep(
                'Mark the slot',
                "Set the mortise gauge to {$format->dimension($s->get('bladeThickness'))}, its fence ".
                    "{$format->dimension(
                        SquareFields::square($this->sizes)->wallMm(),
                    )} off, and gauge round the end from both faces, $depth down. ".
                    'Knife the bottom of the slot.',
                'The lines from both faces meet.',
                10,
                'mortise gauge, knife, square',
            ),
            new MakingStep(
                'Saw the slot',
                "Saw both cheeks down to the knife line, $depth, on the waste side; ".
                    'chop the waste out from both edges.',
                'The saw left both lines; the bottom is knifed square across.',
                round(12 + 2 * Minutes::sawn($slot)),
                'tenon saw, chisel, mallet',
            ),
            new MakingStep(
                'Fit the blade',
                'Pare the cheeks until the blade goes in with the push of a hand. Dry, lay a known square inside.',
                'It stays where it is put, and no light shows between it and the square.',
                20,
                'chisel, known square',
            ),
            new MakingStep(
                'Glue it',
                'Glue both cheeks, push the blade home, set it square against the known square before the glue '.
                    'grips, clamp across the slot.',
                'Square against the known one, inside and outside, after the clamp is tight.',
                15,
                'glue, clamp, known square',
                CommonSteps::GLUE_DAYS,
                'the glue',
            ),
            new MakingStep(
                'Pin it',
                "Bore three holes of {$format->dimension(
                    $this->joint()->pinMm(),
                )} where the template has them, drive glued ".'pins, and trim them flush when they are dry.',
                'Flush to the finger on both faces.',
                25,
                'brace and bit, pin stock, saw, chisel',
                CommonSteps::GLUE_DAYS,
                'the pins’ glue',
            ),
            CommonSteps::oil(),
            SquareFields::test(),
        ];
    }

    public function tasks(): array
    {
        $s = $this->sizes;

        return [
            ...Ask::board(
                $s->get('stockThickness'),
                $s->get('stockWidth'),
                $this->blade()->lengthMm,
                SquareFields::WOOD,
            ),
            Ask::for('mark-mortise', Facts::of(width: $s->get('bladeThickness'))),
            Ask::for(
                'saw-tenon-cheek',
                Facts::of(
                    thickness: $s->get('stockWidth'),
                    depth: $s->get('bladeWidth'),
                    width: $s->get('stockWidth'),
                    hardness: SquareFields::WOOD,
                ),
            ),
            Ask::for('chop-across'),
            Ask::for('pare'),
            Ask::for('bore', Facts::of(diameter: $this->joint()->pinMm(), hardness: SquareFields::WOOD)),
            Ask::for('make-pegs', Facts::of(diameter: $this->joint()->pinMm())),
            Ask::for('flush-trim'),
        ];
    }

    public function made(): Made
    {
        return SquareFields::made($this->sizes);
    }

    public function lines(LengthFormatter $format): array
    {
        $places = array_map(
            static fn (array $pin): string => $format->dimension($pin[0]).' / '.$format->dimension($pin[1]),
            $this->joint()->pins(),
        );

        return [
            "The blade is {$format->dimension($this->blade()->lengthMm)} long in all: it goes through the stock.",
            "Thirds of the stock: wall {$format->dimension(SquareFields::square($this->sizes)->wallMm())}, slot ".
            "{$format->dimension($this->sizes->get('bladeThickness'))}, wall ".
            "{$format->dimension(SquareFields::square($this->sizes)->wallMm())}; the slot is ".
            "{$format->dimension($this->sizes->get('bladeWidth'))} deep.",
            "Three pins of {$format->dimension($this->joint()->pinMm())}, from the stock’s outer edge and its end: ".
            implode(', ', $places).
            '.',
        ];
    }

    public function how(LengthFormatter $format): array
    {
        return [
            new Explanation(
                'How thick is the blade?',
                'stock thickness ÷ 3',
                "{$format->dimension($this->sizes->get('stockThickness'))} ÷ 3",
                Basis::CommonPractice,
                'no source',
            ),
            new Explanation(
                'Where do the pins stand?',
                'a quarter of the joint in from its sides, two and one',
                implode(
                    ', ',
                    array_map(
                        static fn (array $pin): string => $format->dimension($pin[0]).
                            ' / '.
                            $format->dimension($pin[1]),
                        $this->joint()->pins(),
                    ),
                ),
                Basis::CommonPractice,
                'no source',
            ),
        ];
    }

    /** @return list<Path> where the bit's point goes */
    private function crosses(): array
    {
        $crosses = [];
        foreach ($this->joint()->pins() as [$x, $y]) {
            array_push(
                $crosses,
                Path::open([$x - self::CROSS_MM, $y], [$x + self::CROSS_MM, $y]),
                Path::open([$x, $y - self::CROSS_MM], [$x, $y + self::CROSS_MM]),
            );
        }

        return $crosses;
    }

    /** As it is cut: through the stock and out. */
    private function blade(): WantedPiece
    {
        return new WantedPiece(
            $this->joint()->bladeLengthMm(),
            $this->sizes->get('bladeWidth'),
            $this->sizes->get('bladeThickness'),
        );
    }

    private function joint(): BridleJoint
    {
        return new BridleJoint(SquareFields::square($this->sizes));
    }
}
