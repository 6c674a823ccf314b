<?php

declare(strict_types=1);

namespace JackRest\Desk\Making\Plans;

use JackRest\Core\Basis;
use JackRest\Core\Making\TwinTenons;
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
 * A try square whose blade goes through the stock with two tenons.
 *
 * The blade's width is parted 1 : 2 : 2 : 2 : 1 into shoulder, tenon, gap, tenon, shoulder; the mortises are as wide as
 * the blade is thick, a third of the stock. The stock runs on beyond the blade by a horn, so that the mortise does not
 * split out. Proportions: common practice, no source.
 */
final readonly class TenonSquarePlan implements MakingPlan
{
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
        if ($this->sizes->get('stock') < $this->joint()->leastStockMm()) {
            $wrong += [
                'stock' => "Too short: the blade and a horn of {$format->dimension(
                    $this->joint()->hornMm(),
                )} on each side of "."it want {$format->dimension($this->joint()->leastStockMm())}.",
            ];
        }

        return $wrong + SquareFields::wallWrong($this->sizes, 'the mortises', $format);
    }

    public function parts(): array
    {
        return SquareFields::parts($this->sizes, $this->blade());
    }

    public function views(LengthFormatter $format): array
    {
        $s = $this->sizes;
        [$b, $w, $stock, $sw, $t, $horn] = [
            $s->get('blade'),
            $s->get('bladeWidth'),
            $s->get('stock'),
            $s->get('stockWidth'),
            $s->get('stockThickness'),
            $this->joint()->hornMm(),
        ];
        $tenons = array_map(
            static fn (array $tenon): Path => Path::box(0, $horn + $tenon[0], $sw, $tenon[1]),
            $this->joint()->tenons(),
        );
        $face = new View(
            'Face',
            $sw + $b,
            $stock,
            [Path::box(0, 0, $sw, $stock), Path::box($sw, $horn, $b, $w)],
            $tenons,
            [
                Dim::across($sw, $sw + $b, $horn + $w, $format->dimension($b), 'below'),
                Dim::down($horn, $horn + $w, $sw + $b, $format->dimension($w)),
                Dim::down(0, $stock, 0, $format->dimension($stock)),
                Dim::across(0, $sw, $stock, $format->dimension($sw)),
            ],
        );
        $wall = SquareFields::square($this->sizes)->wallMm();
        $edge = new View(
            'Inner edge of the stock',
            $t,
            $stock,
            [
                Path::box(0, 0, $t, $stock),
                ...array_map(
                    static fn (array $tenon): Path => Path::box(
                        $wall,
                        $horn + $tenon[0],
                        $s->get('bladeThickness'),
                        $tenon[1],
                    ),
                    $this->joint()->tenons(),
                ),
            ],
            [],
            [
                Dim::across($wall, $t - $wall, 0, $format->dimension($s->get('bladeThickness'))),
                Dim::across(0, $t, $stock, $format->dimension($t)),
                Dim::down(0, $horn, $t, $format->dimension($horn)),
            ],
        );

        return [$face, $edge, $this->bladeEnd($format)];
    }

    public function steps(LengthFormatter $format): array
    {
        $s = $this->sizes;
        $tenon = $format->dimension($this->joint()->tenons()[0][1]);
        $through = $s->get('stockWidth') + TwinTenons::PROUD_MM;
        $cheeks = 4 * Minutes::sawn($through * $s->get('bladeThickness'));

        return [
            CommonSteps::prepare($this->parts(), $format),
            CommonSteps::rest(),
            CommonSteps::again($this->blade(), $format),
            new MakingStep(
                'Mark the mortises',
                "Knife both mortises, each $tenon long, on both edges of the stock from the same end; gauge them ".
                    "{$format->dimension($s->get('bladeThickness'))} wide, {$format->dimension(
                        SquareFields::square($this->sizes)->wallMm(),
                    )} from ".
                    'each face.',
                'The lines on both edges stand opposite each other.',
                15,
                'knife, square, mortise gauge',
            ),
            new MakingStep(
                'Chop the mortises',
                'Chop half way from each edge and let them meet in the middle. Leave the knife lines.',
                'A straight rod goes through square to the edge, seen from both sides.',
                round(20 + $s->get('stockWidth')),
                'mortise chisel, mallet',
            ),
            new MakingStep(
                'Saw the tenons',
                "Saw the tenons from the template, {$format->dimension($through)} long, and the shoulders between ".
                    'and beside them in one line.',
                'The shoulders lie in one knife line, square to the edge.',
                round(15 + $cheeks),
                'dovetail saw, chisel',
            ),
            new MakingStep(
                'Fit it',
                'Pare until both tenons go through under the push of a hand and the shoulders close. Dry, lay a '.
                    'known square inside.',
                'Shoulders closed all along; no light at the square.',
                30,
                'chisel, known square',
            ),
            new MakingStep(
                'Glue it',
                'Glue the mortises, draw the shoulders home, set it square before the glue grips.',
                'Square against the known one after the clamp is tight.',
                15,
                'glue, clamp, known square',
                CommonSteps::GLUE_DAYS,
                'the glue',
            ),
            new MakingStep(
                'Trim the tenons',
                'Saw and pare what stands proud of the outer edge.',
                'Flush to the finger.',
                10,
                'saw, chisel',
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
                'chop-mortise',
                Facts::of(
                    width: $s->get('bladeThickness'),
                    depth: $s->get('stockWidth') / 2,
                    hardness: SquareFields::WOOD,
                ),
            ),
            Ask::for(
                'saw-dovetail',
                Facts::of(
                    thickness: $s->get('bladeThickness'),
                    depth: $s->get('stockWidth') + TwinTenons::PROUD_MM,
                    hardness: SquareFields::WOOD,
                ),
            ),
            Ask::for('pare'),
            Ask::for('flush-trim'),
        ];
    }

    public function made(): Made
    {
        return SquareFields::made($this->sizes);
    }

    public function lines(LengthFormatter $format): array
    {
        [[$shoulder, $tenon], [$second]] = $this->joint()->tenons();

        return [
            "The blade is {$format->dimension($this->blade()->lengthMm)} long in all, ".
            "{$format->dimension(TwinTenons::PROUD_MM)} of it to be trimmed.",
            "Across the blade: shoulder {$format->dimension($shoulder)}, tenon {$format->dimension($tenon)}, gap ".
            "{$format->dimension($second - $shoulder - $tenon)}, tenon {$format->dimension($tenon)}, shoulder ".
            "{$format->dimension($shoulder)}.",
            "Mortises {$format->dimension($this->sizes->get('bladeThickness'))} wide between walls of ".
            "{$format->dimension(
                SquareFields::square($this->sizes)->wallMm(),
            )}; the stock runs on by {$format->dimension($this->joint()->hornMm())} ".
            'beyond the blade.',
        ];
    }

    public function how(LengthFormatter $format): array
    {
        return [
            new Explanation(
                'How wide are the tenons?',
                'shoulder 1, tenon 2, gap 2, tenon 2, shoulder 1: blade width ÷ 8',
                "{$format->dimension($this->sizes->get('bladeWidth'))} ÷ 8 = ".
                    "{$format->dimension($this->sizes->get('bladeWidth') / 8)}",
                Basis::CommonPractice,
                'no source',
            ),
        ];
    }

    private function bladeEnd(LengthFormatter $format): View
    {
        [$w, $through] = [$this->sizes->get('bladeWidth'), $this->joint()->throughMm()];
        $shown = $through + 40.0;
        $points = [[$shown, 0.0], [$through, 0.0]];
        foreach ($this->joint()->tenons() as [$at, $long]) {
            array_push($points, [$through, $at], [0.0, $at], [0.0, $at + $long], [$through, $at + $long]);
        }
        array_push($points, [$through, $w], [$shown, $w]);

        return new View(
            'End of the blade',
            $shown,
            $w,
            [Path::open(...$points)],
            [],
            [Dim::across(0, $through, $w, $format->dimension($through))],
        );
    }

    private function blade(): WantedPiece
    {
        return new WantedPiece(
            $this->joint()->bladeLengthMm(),
            $this->sizes->get('bladeWidth'),
            $this->sizes->get('bladeThickness'),
        );
    }

    private function joint(): TwinTenons
    {
        return new TwinTenons(SquareFields::square($this->sizes));
    }
}
