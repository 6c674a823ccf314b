<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Kit;

use JackRest\Core\Kit\Coverage;
use JackRest\Core\Kit\KitPlanner;
use JackRest\Core\Kit\Ladder;
use JackRest\Core\Kit\Lift;
use JackRest\Core\Kit\Months;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\PlannedWork;
use JackRest\Core\Kit\Reached;
use JackRest\Core\Kit\Rung;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Kit\ToolsAtHand;
use JackRest\Core\School\School;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Pattern;
use JackRest\Core\Work\Patterns;
use JackRest\Core\Work\Task;
use JackRest\Core\Work\Way;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What a beginner is told to get for each work, step by step, as somebody who knows the trade has read it in
 * docs/tables: advice that changes is seen here.
 *
 * Written anew by JACKREST_WRITE_TABLES=1 vendor/bin/phpunit core/tests/Kit/WorkedKitsTest.php.
 */
final class WorkedKitsTest extends TestCase
{
    private const FOLDER = __DIR__.'/../../../docs/tables';

    /** Three old tools in a drawer. */
    private const DRAWER = ['bench-chisel', 'crosscut-handsaw', 'mallet'];

    /** @return iterable<string, array{string, callable(PlannedWork): string}> */
    public static function advice(): iterable
    {
        yield 'ladders' => ['first-steps', self::steps(...)];
        yield 'plans' => ['first-kits', self::kit(...)];
        yield 'coverage' => ['what-can-be-done', self::coverage(...)];
    }

    /** @param  callable(PlannedWork): string  $tells */
    #[DataProvider('advice')]
    public function test_the_advice_is_the_one_that_was_read(string $name, callable $tells): void
    {
        $text = '';
        foreach (Patterns::all() as $pattern) {
            $text .= "{$pattern->name}\n".preg_replace('/^/m', '  ', rtrim($tells(self::work($pattern))))."\n";
        }
        $file = self::FOLDER."/$name.txt";
        if (getenv('JACKREST_WRITE_TABLES') === '1') {
            file_put_contents($file, $text);
        }
        self::assertSame((string) file_get_contents($file), $text);
    }

    private static function work(Pattern $pattern): PlannedWork
    {
        return new PlannedWork($pattern->id, $pattern->name, $pattern->tasks([], Hardness::Medium));
    }

    private static function steps(PlannedWork $work): string
    {
        $pull = new School(['saws' => 'pull', 'spend' => 'second-hand']);

        return 'from nothing'.self::ladder(new Ladder([$work], [], [], new School())).
            "\nwith three old tools and 120, second-hand, pull saws, 40 a month".
            self::ladder(new Ladder([$work], self::owned(self::DRAWER), [], $pull, 120.0, new Months('2026-12', 40.0)));
    }

    private static function ladder(Ladder $ladder): string
    {
        $text = sprintf(
            "\n  all in all %g, straight %s, %g a year, %d offered\n",
            $ladder->total(),
            $ladder->straight() ?? 'not',
            round($ladder->runningPerYear(), 2),
            $ladder->offered(),
        );
        foreach ($ladder->rungs() as $rung) {
            $text .= '  '.self::rung($rung);
        }
        $beyond = $ladder->outOfReach;
        $first = $ladder->toGet()[0] ?? null;

        return $text.($beyond === null ? '' : sprintf("  beyond: %s\n", json_encode($beyond->meanwhile !== null)).
            ($beyond->meanwhile === null ? '' : '  meanwhile '.self::rung($beyond->meanwhile))).
            '  locked: '.self::names($ladder->locked()).'; missing: '.self::operations($ladder->missing()).
            ($first === null ? '' : "\n  {$first->name} opens ".self::operations($ladder->opens($first)));
    }

    private static function rung(Rung $rung): string
    {
        return sprintf(
            "%d: %s for %g, from %g to %g, %d minutes of making, lifts %s, reached %s%s\n",
            $rung->stage,
            self::names($rung->tools),
            $rung->cost,
            $rung->from,
            $rung->to,
            $rung->minutes,
            implode('; ', array_map(self::lift(...), $rung->lifts)),
            implode('; ', array_map(
                static fn (Reached $one): string => sprintf(
                    '%s at %d, all %s, %g minutes, %d of %d guided',
                    $one->work->name,
                    $one->floor,
                    $one->isAll ? 'yes' : 'no',
                    $one->minutes,
                    $one->guided,
                    $one->operations,
                ),
                $rung->reached,
            )),
            $rung->month === null ? '' : " in {$rung->month}",
        );
    }

    private static function lift(Lift $lift): string
    {
        $parts = [];
        foreach (get_object_vars($lift) as $name => $value) {
            $parts[] = match (true) {
                $value instanceof Task => $value->operation->id,
                $value instanceof Way => $value->says,
                is_scalar($value) => "$name ".round((float) $value, 3),
                default => '',
            };
        }

        return implode(' ', array_diff($parts, ['']));
    }

    private static function kit(PlannedWork $work): string
    {
        $planner = new KitPlanner([$work], self::owned(self::DRAWER), [], new School());
        $plan = $planner->propose();
        $text = sprintf("%g in all, %g a year\n", $plan->cost, round($plan->runningPerYear, 2));
        foreach ($plan->buy as $offer) {
            $purchase = $planner->purchase($offer);
            $text .= sprintf(
                "%s for %g opens %s; else %s for %s more\n",
                $offer->name,
                $offer->price,
                self::operations($purchase->opens),
                $purchase->instead === null ? 'no way' : self::names($purchase->instead),
                $purchase->extra === null ? 'nothing' : round($purchase->extra, 2),
            );
        }
        foreach (array_slice($planner->leftOver(), 0, 8) as $offer) {
            $worth = $planner->worthBelow($offer);
            $text .= "{$offer->name}: ".($worth === null ? 'at no price' : 'below '.round($worth, 2))."\n";
        }

        return $text;
    }

    private static function coverage(PlannedWork $work): string
    {
        $text = '';
        foreach ([self::DRAWER, array_keys(ToolKinds::all())] as $kinds) {
            $coverage = new Coverage(new ToolsAtHand(self::owned($kinds)), new School());
            foreach ($work->tasks as $task) {
                $of = $coverage->of($task);
                $near = $of->nearest;
                $text .= sprintf(
                    "%s: %s%s%s\n",
                    $task->operation->name,
                    $of->best === null ? 'no way' : implode(' and ', $of->best->names()).", {$of->best->way->says}",
                    $of->better === null ? '' : "; quicker: {$of->better->says}",
                    $near === null ? '' : sprintf(
                        '; lacks %s %s %s, size %d, %g',
                        implode(', ', $near->missing),
                        json_encode($near->short, JSON_THROW_ON_ERROR),
                        implode(', ', $near->idle),
                        $near->size(),
                        $near->price(),
                    ),
                );
            }
        }

        return $text;
    }

    /**
     * @param  list<string>  $kinds
     * @return list<ToolAtHand>
     */
    private static function owned(array $kinds): array
    {
        return array_map(
            static fn (string $kind): ToolAtHand => new ToolAtHand("own-$kind", $kind, ToolKinds::named($kind)->name),
            $kinds,
        );
    }

    /** @param  list<Offer|PlannedWork>  $of */
    private static function names(array $of): string
    {
        return implode(' + ', array_map(static fn (Offer|PlannedWork $one): string => $one->name, $of));
    }

    /** @param  list<Task>  $tasks */
    private static function operations(array $tasks): string
    {
        return implode(', ', array_map(static fn (Task $task): string => $task->operation->id, $tasks));
    }
}
