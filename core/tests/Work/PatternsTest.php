<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Work;

use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Patterns;
use JackRest\Core\Work\Task;
use OutOfBoundsException;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Works expand to what the trade does for them. Common practice, no source. */
final class PatternsTest extends TestCase
{
    /**
     * @param  array<string, float>  $measures
     * @return array<string, Task>
     */
    private static function tasks(string $pattern, array $measures = []): array
    {
        $tasks = [];
        foreach (Patterns::named($pattern)->tasks($measures, Hardness::Hard) as $task) {
            $tasks[$task->operation->id] = $task;
        }

        return $tasks;
    }

    /** @param  list<string>  $operations */
    #[
        TestWith([
            'dovetailed-box',
            ['saw-dovetail', 'clear-waste', 'mark-slope', 'transfer', 'rebate-along', 'assemble'],
        ]),
    ]
    #[TestWith(['rebated-box', ['rebate-across', 'groove', 'ease-edges']])]
    #[TestWith(['drawer', ['clean-corner', 'groove', 'saw-dovetail']])]
    #[TestWith(['grooved-lid', ['groove', 'edge-glue', 'chamfer']])]
    #[TestWith(['edge-glued-panel', ['edge-glue', 'clear-glue', 'mark-wide', 'check-straight']])]
    #[TestWith(['tongue-boards', ['tongue-and-groove', 'repeat-length']])]
    #[TestWith(['dado-shelf', ['dado', 'level-recess', 'shoot-end']])]
    #[TestWith(['frame-and-panel', ['chop-mortise', 'raise-panel', 'clamp-frame']])]
    #[
        TestWith([
            'tenoned-stand',
            [
                'mark-mortise',
                'chop-mortise',
                'saw-tenon-cheek',
                'saw-tenon-shoulder',
                'fit-tenon-cheek',
                'fit-tenon-shoulder',
            ],
        ]),
    ]
    #[TestWith(['halved-frame', ['halve', 'level-recess']])]
    #[TestWith(['mitred-frame', ['saw-mitre', 'shoot-mitre', 'mould-edge']])]
    #[TestWith(['round-stool', ['round', 'ream-taper', 'hollow', 'flush-trim']])]
    #[TestWith(['curved-bracket', ['saw-curve', 'shape-concave', 'drive-screw']])]
    #[TestWith(['workbench', ['bore', 'make-pegs', 'chop-mortise']])]
    #[TestWith(['saw-care', ['sharpen-saw']])]
    public function test_each_work_asks_for_what_it_is_made_by(string $pattern, array $operations): void
    {
        self::assertSame([], array_values(array_diff($operations, array_keys(self::tasks($pattern)))));
    }

    /** By hand: stock 45, mortise 15 → shoulders of 15 mm; the saw goes as deep as the tenon is long. */
    public function test_a_tenon_by_hand(): void
    {
        $tasks = self::tasks('tenoned-stand', ['thickness' => 45, 'mortise' => 15, 'tenon' => 40, 'rail' => 70]);

        self::assertSame(15.0, $tasks['chop-mortise']->facts->get(Fact::Width));
        self::assertSame(40.0, $tasks['saw-tenon-cheek']->facts->get(Fact::Depth));
        self::assertSame(70.0, $tasks['saw-tenon-cheek']->facts->get(Fact::Thickness));
        self::assertSame(15.0, $tasks['saw-tenon-shoulder']->facts->get(Fact::Depth));
        self::assertSame(15.0, $tasks['fit-tenon-shoulder']->facts->get(Fact::Depth));
        self::assertSame(Hardness::Hard, $tasks['chop-mortise']->facts->hardness);
    }

    public function test_a_rebate_across_takes_half_the_thickness(): void
    {
        $facts = self::tasks('rebated-box', ['thickness' => 16])['rebate-across']->facts;
        self::assertSame([16.0, 8.0], [$facts->get(Fact::Width), $facts->get(Fact::Depth)]);
    }

    public function test_a_halving_is_marked_at_half_the_thickness(): void
    {
        self::assertSame(
            10.0,
            self::tasks('halved-frame', ['thickness' => 20])['mark-parallel']->facts->get(Fact::Depth),
        );
    }

    /** Edges that are glued must be straighter than edges that are only seen. */
    public function test_glued_edges_are_held_to_less(): void
    {
        $tasks = self::tasks('edge-glued-panel');
        self::assertLessThan(
            $tasks['joint-edge']->facts->get(Fact::Tolerance),
            $tasks['edge-glue']->facts->get(Fact::Tolerance),
        );
    }

    public function test_a_work_nobody_knows(): void
    {
        $this->expectException(OutOfBoundsException::class);
        Patterns::named('cathedral');
    }

    public function test_a_measure_is_found_by_its_name(): void
    {
        foreach (Patterns::all() as $pattern) {
            foreach ($pattern->measures as $measure) {
                self::assertSame($measure, $pattern->measure($measure->name));
                self::assertTrue($measure->usual >= $measure->least && $measure->usual <= $measure->most);
            }
            self::assertNull($pattern->measure('colour'));
        }
    }
}
