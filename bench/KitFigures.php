<?php

declare(strict_types=1);

namespace Bench;

use App\Print\PdfSheet;
use JackRest\Core\Filing\SawTemplate;
use JackRest\Core\Filing\SawTemplateInput;
use JackRest\Core\Idle\RedundantTools;
use JackRest\Core\Idle\WithoutOne;
use JackRest\Core\Kit\Coverage;
use JackRest\Core\Kit\Ladder;
use JackRest\Core\Kit\PlannedWork;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Kit\ToolsAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\School\School;
use JackRest\Core\ShadowBoard\Arranger;
use JackRest\Core\ShadowBoard\BoardTool;
use JackRest\Core\ShadowBoard\Panel;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Pattern;
use JackRest\Core\Work\Patterns;
use JackRest\Core\Work\Task;
use JackRest\Desk\Filing\SawTemplatePrint;
use JackRest\Desk\Print\Sheet;
use JackRest\Desk\Print\Tile;
use JackRest\Desk\ShadowBoard\ShadowBoardPrint;

/** What is promised of the kit: the whole real catalogue planned, a large bench covered. */
final class KitFigures
{
    private const WORKS = 40;

    private const TOOLS = 300;

    private const HUNG = 80;

    /** @return array<string, array{float, float|null}> milliseconds and limit by what was measured */
    public static function measured(): array
    {
        $figures = [];
        foreach (
            [
                ['from nothing, as it comes', [], null],
                ['pull saws, second-hand', ['saws' => 'pull', 'spend' => 'second-hand'], null],
                ['within 600', [], 600.0],
            ] as [$name, $answers, $budget]
        ) {
            $figures["whole catalogue, all works, ladder with its stages: $name"] = [
                self::planAndLadder($answers, $budget),
                1000.0,
            ];
        }
        $figures[
            'idle review of '.self::TOOLS.' tools and '.self::WORKS.' works: each alone, and both largest sets'
        ] = [self::idle(), 1000.0];
        $figures['coverage of '.self::TOOLS.' tools and '.self::WORKS.' works'] = [self::coverage(), 200.0];

        $figures['shadow board of '.self::HUNG.' tools: arranged, and cut into sheets'] = [
            self::shadowBoard(),
            2000.0,
        ];

        $figures['template of a 650 mm saw, 32 teeth to the inch, as PDF'] = [self::template(), 1000.0];

        return $figures;
    }

    private static function template(): float
    {
        $start = hrtime(true);
        $template = (new SawTemplate())(new SawTemplateInput(650, teethPerInch: 32));
        $pdf = PdfSheet::write(
            'Teeth',
            ...array_map(
                static fn (Tile $tile): Sheet => $tile->sheet,
                SawTemplatePrint::tiles('saw', $template, null, new LengthFormatter(LengthUnit::Millimetre)),
            ),
        );
        assert(str_starts_with($pdf, '%PDF'));

        return (hrtime(true) - $start) / 1e6;
    }

    /** On the smallest panel that takes all of them, where arranging is hardest. */
    private static function shadowBoard(): float
    {
        $tools = array_map(BoardTool::of(...), array_slice(self::large()[0], 0, self::HUNG));
        $start = hrtime(true);
        $needed = Arranger::arrange(new Panel(2400, 5000, 25), $tools)->neededMm;
        $panel = new Panel(2400, $needed, 25);
        $tiles = ShadowBoardPrint::tiles('Wall', $panel, Arranger::arrange($panel, $tools));
        assert(count($tiles) > 1);

        return (hrtime(true) - $start) / 1e6;
    }

    /** @param  array<string, string>  $answers */
    private static function planAndLadder(array $answers, ?float $budget): float
    {
        $works = array_values(
            array_map(
                static fn (Pattern $pattern): PlannedWork => new PlannedWork(
                    $pattern->id,
                    $pattern->name,
                    $pattern->tasks([], Hardness::Medium),
                ),
                Patterns::all(),
            ),
        );
        $start = hrtime(true);
        $ladder = new Ladder($works, [], [], new School($answers), $budget);
        assert($ladder->isProven() && $ladder->rungs() !== []);

        return (hrtime(true) - $start) / 1e6;
    }

    private static function coverage(): float
    {
        [$tools, $works] = self::large();
        $start = hrtime(true);
        $coverage = new Coverage(new ToolsAtHand($tools), new School());
        foreach ($works as $tasks) {
            array_map($coverage->of(...), $tasks);
        }

        return (hrtime(true) - $start) / 1e6;
    }

    private static function idle(): float
    {
        [$tools, $works] = self::large();
        $tasks = array_merge(...$works);
        mt_srand(20261125);
        $worth = array_combine(
            array_map(static fn (ToolAtHand $tool): string => $tool->id, $tools),
            array_map(static fn (): float => (float) mt_rand(5, 150), $tools),
        );
        $start = hrtime(true);
        $without = new WithoutOne($tasks, $tools, new School());
        array_map($without->of(...), $tools);
        $search = new RedundantTools($tasks, $tools, $worth, [], new School());
        $sets = [$search->byWorth(), $search->byNumber()];
        assert($sets[0]->isProven && $sets[1]->isProven);

        return (hrtime(true) - $start) / 1e6;
    }

    /** @return array{list<ToolAtHand>, non-empty-list<list<Task>>} many tools, and the tasks of many works */
    private static function large(): array
    {
        $kinds = array_keys(ToolKinds::all());
        $tools = array_map(
            static fn (int $number): ToolAtHand => new ToolAtHand(
                (string) $number,
                $kinds[$number % count($kinds)],
                "tool $number",
            ),
            range(0, self::TOOLS - 1),
        );
        $patterns = array_values(Patterns::all());
        $works = array_map(static function (int $number) use ($patterns): array {
            $pattern = $patterns[$number % count($patterns)];
            // Each work has numbers of its own, so that nothing is answered from memory.
            $first = $pattern->measures[0];

            return $pattern->tasks([$first->name => min($first->most, $first->usual + $number)], Hardness::Medium);
        }, range(0, self::WORKS - 1));

        return [$tools, $works];
    }
}
