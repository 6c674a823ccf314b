<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Edge;

use JackRest\Core\Edge\BevelSchool;
use JackRest\Core\Edge\EdgeDuty;
use JackRest\Core\Edge\EdgeKind;
use JackRest\Core\Edge\EdgesOfKind;
use JackRest\Core\Edge\GuideSeat;
use JackRest\Core\Edge\NewEdge;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Tool\ToolKinds;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The edges that come with each kind of tool are possible, and named so that they are told apart. */
final class EdgesOfKindTest extends TestCase
{
    private static function format(): LengthFormatter
    {
        return new LengthFormatter(LengthUnit::Millimetre);
    }

    /** @param  array<string, float>  $sizes */
    private static function tool(string $kind, string $name, array $sizes): ToolAtHand
    {
        return new ToolAtHand('1', $kind, $name, $sizes);
    }

    /**
     * @param  array<string, float>  $sizes
     * @return list<NewEdge>
     */
    private static function edges(string $kind, string $name, array $sizes): array
    {
        return EdgesOfKind::of(self::tool($kind, $name, $sizes), self::format());
    }

    public function test_a_chisel_has_one_edge_as_wide_as_itself(): void
    {
        [$edge] = self::edges('bench-chisel', 'bevel-edge chisel, 18 mm', ['width' => 18.0]);
        self::assertSame(
            ['18 mm bevel-edge chisel', EdgeKind::Chisel, 18.0, null],
            [$edge->name, $edge->form, $edge->widthMm, $edge->bedDeg],
        );
        self::assertGreaterThanOrEqual($edge->primaryDeg, $edge->secondaryDeg);
    }

    public function test_an_iron_takes_width_and_bed_from_its_plane(): void
    {
        [$edge] = self::edges('jack-plane', 'jack plane, 355 mm sole', ['iron' => 44.0, 'bed' => 50.0]);
        self::assertSame(
            ['iron of the jack plane, 44 mm', 44.0, 50.0, false],
            [$edge->name, $edge->widthMm, $edge->bedDeg, $edge->bevelUp],
        );
        self::assertTrue(self::edges('bevel-up-jack', 'bevel-up jack', ['iron' => 57.0])[0]->bevelUp);
    }

    public function test_a_set_of_plough_irons_is_eight_edges_from_narrow_to_wide(): void
    {
        $edges = self::edges('plough-irons', 'plough irons', ['iron' => 3.0, 'widest' => 14.0]);
        $widths = array_map(static fn (NewEdge $edge): float => $edge->widthMm, $edges);
        self::assertCount(8, $edges);
        self::assertSame([3.0, 14.0], [$widths[0], $widths[7]]);
        self::assertCount(8, array_unique(array_map(static fn (NewEdge $edge): string => $edge->name, $edges)));
    }

    public function test_a_pair_is_told_apart(): void
    {
        self::assertSame(
            ['left', 'right'],
            array_map(
                static fn (NewEdge $edge): string => explode(' ', $edge->name)[0],
                self::edges('skew-chisels', 'skew chisels', ['width' => 18.0]),
            ),
        );
        self::assertCount(2, self::edges('match-planes', 'match planes', []));
    }

    public function test_another_iron_for_the_same_body(): void
    {
        $edge = EdgesOfKind::another(
            self::tool('smoothing-plane', 'smoothing plane, 50 mm iron', ['iron' => 50.0]),
            self::format(),
        );
        self::assertSame(
            ['another plane iron of the smoothing plane, 50 mm iron', 50.0],
            [$edge->name, $edge->widthMm],
        );
    }

    public function test_a_tool_without_an_edge_brings_none(): void
    {
        self::assertSame([], self::edges('mallet', 'mallet', []));
        self::assertFalse(EdgesOfKind::has('mallet'));
    }

    /** Every kind of the catalogue with its usual sizes: an edge that could be, that steel could take. */
    public function test_every_kind_brings_possible_edges(): void
    {
        $brought = 0;
        foreach (ToolKinds::all() as $kind) {
            foreach (self::edges($kind->id, $kind->name, $kind->usualSizes()) as $edge) {
                $brought++;
                self::assertTrue(
                    $edge->widthMm >= 0.5 && $edge->widthMm <= 360,
                    "{$kind->id} is {$edge->widthMm} mm wide",
                );
                self::assertTrue(
                    $edge->thicknessMm >= 0.5 && $edge->thicknessMm <= 12,
                    "{$kind->id} is {$edge->thicknessMm} mm thick",
                );
                self::assertTrue(
                    $edge->primaryDeg >= 15 && $edge->secondaryDeg >= $edge->primaryDeg && $edge->secondaryDeg <= 50,
                    $kind->id,
                );
                self::assertSame($edge->form->hasBed(), $edge->bedDeg !== null, $kind->id);
                self::assertTrue(
                    $edge->bedDeg === null || $edge->bevelUp || $edge->bedDeg - $edge->secondaryDeg >= 7,
                    "{$kind->id} has less than 7° of clearance",
                );
            }
        }
        self::assertGreaterThan(30, $brought);
    }

    #[TestWith([BevelSchool::Micro, 25.0, 30.0, false])]
    #[TestWith([BevelSchool::Hollow, 30.0, 30.0, true])]
    #[TestWith([BevelSchool::Convex, 30.0, 30.0, false])]
    public function test_a_school_gives_a_new_edge_its_bevels(
        BevelSchool $school,
        float $primary,
        float $secondary,
        bool $wheel,
    ): void {
        $bevels = $school->bevels(new NewEdge('x', EdgeKind::Chisel, 12, 3, 25, 30, EdgeDuty::General));
        self::assertSame(
            [$primary, $secondary, $wheel],
            [$bevels['primaryDeg'], $bevels['secondaryDeg'], $bevels['wheelMm'] !== null],
        );
    }

    public function test_what_each_form_may_have(): void
    {
        self::assertSame(
            [false, true, true, false, false],
            array_map(static fn (EdgeKind $form): bool => $form->hasBed(), [
                EdgeKind::Chisel,
                EdgeKind::PlaneIron,
                EdgeKind::Spokeshave,
                EdgeKind::Knife,
                EdgeKind::GaugeWheel,
            ]),
        );
        self::assertSame(
            [GuideSeat::Chisel, GuideSeat::Iron, null],
            [EdgeKind::Chisel->seat(), EdgeKind::PlaneIron->seat(), EdgeKind::Knife->seat()],
        );
        self::assertFalse(EdgeKind::Chisel->mayHaveBackBevel(), 'a chisel’s back is its reference');
        self::assertTrue(EdgeKind::PlaneIron->mayBeCurved());
    }

    /** A gouge 18 mm wide on a sweep of 15 mm has an edge of 2·15·asin(18/30) = 19.3 mm along it. */
    public function test_a_gouges_edge_runs_along_its_sweep(): void
    {
        $edge = self::edges('bench-gouge', 'gouge', ['width' => 18.0, 'radius' => 15.0, 'length' => 270.0])[0];
        self::assertSame(EdgeKind::Gouge, $edge->form);
        self::assertEqualsWithDelta(19.305, $edge->widthMm, 0.001);
        self::assertSame(18.0, EdgeKind::Gouge->edgeMm(['width' => 18.0], 12.0));
    }

    public function test_drawknives_and_axes_are_as_long_as_their_blade(): void
    {
        self::assertSame(
            [250.0, EdgeKind::Drawknife],
            [
                self::edges('drawknife', 'drawknife', ['length' => 250.0])[0]->widthMm,
                self::edges('drawknife', 'drawknife', ['length' => 250.0])[0]->form,
            ],
        );
        self::assertSame(110.0, self::edges('hatchet', 'side hatchet', ['head' => 110.0])[0]->widthMm);
    }
}
