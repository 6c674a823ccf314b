<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Tool;

use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\ToolKinds;
use PHPUnit\Framework\TestCase;

/** What holds for every kind of tool, and what some are like. Common practice, no source. */
final class ToolKindTest extends TestCase
{
    public function test_an_empty_bench_is_filled_from_sharpening_on(): void
    {
        self::assertSame(
            [Group::Sharpening, Group::Chisels, Group::BenchPlanes, Group::Saws, Group::Layout],
            Group::firstFive(),
        );
    }

    public function test_saws_have_teeth_that_are_filed_and_nothing_else_has(): void
    {
        $saws = array_keys(array_filter(ToolKinds::all(), static fn ($kind): bool => $kind->isSaw()));
        self::assertContains('dovetail-saw', $saws);
        self::assertContains('rip-handsaw', $saws);
        self::assertContains('double-edged-pull-saw', $saws);
        self::assertSame([], array_intersect(['bow-saw', 'coping-saw', 'jack-plane', 'mill-file'], $saws));
    }

    public function test_three_readings_at_most_are_taken_when_one_is_added(): void
    {
        foreach (ToolKinds::all() as $kind) {
            self::assertLessThanOrEqual(3, count($kind->asked()), $kind->id);
            foreach ($kind->asked() as $dimension) {
                self::assertTrue($dimension->asked);
                self::assertSame($dimension, $kind->dimension($dimension->name));
            }
        }
        $asked = array_map(
            static fn (Dimension $dimension): string => $dimension->name,
            ToolKinds::named('jack-plane')->asked(),
        );
        self::assertSame(['length', 'iron'], $asked);
        self::assertNull(ToolKinds::named('jack-plane')->dimension('handle'));
    }

    public function test_usual_sizes_lie_within_their_limits_and_a_series_offers_each_of_its_own(): void
    {
        foreach (ToolKinds::all() as $kind) {
            self::assertSame(count($kind->dimensions), count($kind->usualSizes()), $kind->id);
            self::assertSame(max(1, count($kind->series)), count($kind->offeredSizes()), $kind->id);
            foreach ($kind->offeredSizes() as $sizes) {
                self::assertSame(array_keys($kind->usualSizes()), array_keys($sizes));
                foreach ($sizes as $name => $size) {
                    $dimension = $kind->dimension($name);
                    self::assertNotNull($dimension);
                    self::assertTrue($size >= $dimension->least && $size <= $dimension->most, "{$kind->id} $name");
                }
            }
        }
        $widths = array_column(ToolKinds::named('bench-chisel')->offeredSizes(), 'width');
        self::assertEquals([12, 6, 25, 18, 3], $widths, 'the one to have if there is one only comes first');
    }
}
