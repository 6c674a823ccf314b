<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Kit;

use JackRest\Core\Kit\NeedsCircle;
use JackRest\Core\Kit\ToolOffer;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Pattern;
use JackRest\Core\Work\Patterns;
use JackRest\Core\Work\Way;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The catalogue is whole: nothing hangs in the air. */
final class CatalogueTest extends TestCase
{
    /** @return iterable<string, array{ToolKind}> */
    public static function kinds(): iterable
    {
        foreach (ToolKinds::all() as $id => $kind) {
            yield $id => [$kind];
        }
    }

    /** @return iterable<string, array{Operation}> */
    public static function operations(): iterable
    {
        foreach (Operations::all() as $id => $operation) {
            yield $id => [$operation];
        }
    }

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (Patterns::all() as $id => $pattern) {
            yield $id => [$pattern];
        }
    }

    public function test_it_is_as_large_as_it_should_be(): void
    {
        self::assertGreaterThanOrEqual(90, count(ToolKinds::all()));
        self::assertGreaterThanOrEqual(60, count(Operations::all()));
        self::assertGreaterThanOrEqual(11, count(Patterns::all()));
    }

    #[DataProvider('kinds')]
    public function test_every_kind_serves_something(ToolKind $kind): void
    {
        self::assertNotSame([], Operations::byKind()[$kind->id] ?? []);
    }

    #[DataProvider('kinds')]
    public function test_every_kind_says_what_it_is_for_and_what_can_go_wrong(ToolKind $kind): void
    {
        foreach ([$kind->says, $kind->for, $kind->wrong] as $line) {
            self::assertMatchesRegularExpression('/^[A-Z].+\.$/su', $line);
        }
        self::assertGreaterThan(0, $kind->price);
    }

    #[DataProvider('kinds')]
    public function test_usual_sizes_are_possible_and_three_readings_do(ToolKind $kind): void
    {
        self::assertNotSame([], $kind->dimensions);
        self::assertLessThanOrEqual(3, count($kind->asked()));
        foreach ($kind->offeredSizes() as $sizes) {
            foreach ($kind->dimensions as $dimension) {
                self::assertTrue(
                    $sizes[$dimension->name] >= $dimension->least &&
                        $sizes[$dimension->name] <= $dimension->most,
                    $dimension->name,
                );
            }
        }
        self::assertSame(
            count($kind->dimensions),
            count(
                array_unique(
                    array_map(static fn (Dimension $dimension): string => $dimension->name, $kind->dimensions),
                ),
            ),
        );
    }

    #[DataProvider('kinds')]
    public function test_it_needs_nothing_that_does_not_exist(ToolKind $kind): void
    {
        $named = [...array_filter($kind->needs, is_string(...)), ...$kind->wants];
        foreach ($kind->needs as $need) {
            $named = [...$named, ...$need instanceof Need ? $need->givers() : []];
        }
        self::assertSame([], array_values(array_diff($named, array_keys(ToolKinds::all()))));
        self::assertSame([], array_diff($kind->making->operations ?? [], array_keys(Operations::all())));
    }

    /** Whichever giver of a need is taken. */
    public function test_no_needs_go_in_a_circle(): void
    {
        $offers = array_map(static function (ToolKind $kind): ToolOffer {
            $needs = array_map(
                static fn (Need|string $need): array => $need instanceof Need ? $need->givers() : [$need],
                $kind->needs,
            );

            return new ToolOffer($kind->id, 0.0, array_merge(...$needs));
        }, array_values(ToolKinds::all()));

        self::assertSame([], NeedsCircle::in($offers));
    }

    /** Common practice, no source: nothing with an edge counts before there is a way to sharpen it. */
    #[DataProvider('kinds')]
    public function test_chisels_and_planes_need_sharpening(ToolKind $kind): void
    {
        $edged = in_array($kind->group, [Group::Chisels, Group::BenchPlanes], true);
        self::assertTrue(! $edged || in_array(Need::Hone, $kind->needs, true));
    }

    #[DataProvider('operations')]
    public function test_every_operation_has_a_way_good_enough_and_nearly_all_have_two(
        Operation $operation,
    ): void {
        $grades = array_map(static fn (Way $way): int => $way->grade, $operation->ways);
        self::assertGreaterThanOrEqual(4, max($grades));
        self::assertLessThanOrEqual(5, max($grades));
        self::assertGreaterThanOrEqual(2, count($operation->ways));
    }

    #[DataProvider('operations')]
    public function test_ways_name_known_kinds_once_and_say_why(Operation $operation): void
    {
        foreach ($operation->ways as $way) {
            self::assertSame([], array_values(array_diff($way->kinds, array_keys(ToolKinds::all()))));
            self::assertSame($way->kinds, array_values(array_unique($way->kinds)));
            self::assertNotSame('', $way->says);
            self::assertGreaterThan(0, $way->minutes);
            foreach ($way->conditions as $condition) {
                self::assertTrue(
                    $condition->kind() === null || in_array($condition->kind(), $way->kinds, true),
                    $operation->id,
                );
            }
        }
    }

    #[DataProvider('patterns')]
    public function test_every_work_expands_with_its_usual_numbers(Pattern $pattern): void
    {
        foreach (Hardness::cases() as $hardness) {
            $tasks = $pattern->tasks([], $hardness);
            self::assertNotSame([], $tasks);
            self::assertSame(
                count($tasks),
                count(array_unique(array_map(static fn ($task): string => $task->key(), $tasks))),
            );
        }
    }

    #[DataProvider('patterns')]
    public function test_a_works_own_numbers_reach_its_tasks(Pattern $pattern): void
    {
        if ($pattern->measure('thickness') === null) {
            self::assertNotSame('', $pattern->id);

            return;
        }
        $thicknesses = array_map(
            static fn ($task): ?float => $task->facts->mm['thickness'] ?? ($task->facts->mm['depth'] ?? null),
            $pattern->tasks(['thickness' => 37.0], Hardness::Soft),
        );
        self::assertContains(37.0, $thicknesses);
    }

    public function test_every_group_teaches_and_the_first_five_come_in_order(): void
    {
        foreach (Group::cases() as $group) {
            self::assertNotSame('', $group->label().$group->teaches());
        }
        self::assertSame(
            [Group::Sharpening, Group::Chisels, Group::BenchPlanes, Group::Saws, Group::Layout],
            Group::firstFive(),
        );
    }
}
