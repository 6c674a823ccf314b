<?php

declare(strict_types=1);

namespace App\Work;

use App\Work\Answer\MeasureAnswer;
use App\Work\Answer\PatternAnswer;
use App\Work\Answer\TaskAnswer;
use App\Work\Answer\WorkAnswer;
use App\Work\Answer\WorkPageAnswer;
use App\Work\Answer\WorkStepAnswer;
use JackRest\Core\Job\Pace;
use JackRest\Core\Kit\TaskCoverage;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\School\Overrule;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Measure;
use JackRest\Core\Work\Pattern;
use JackRest\Core\Work\Task;
use JackRest\Desk\Count;
use JackRest\Desk\Kit\CoverageWords;
use JackRest\Desk\Kit\LadderWords;

/** Works: on the list, on their own page, and the patterns they are begun from. */
final class WorkResource
{
    private const OWN_FORM = 'own';

    /** @return list<WorkAnswer> */
    public static function lines(KitOfBench $kit): array
    {
        return array_map(
            static fn (Work $work): WorkAnswer => self::line($work, $kit),
            array_values($kit->works->all()),
        );
    }

    public static function line(Work $work, KitOfBench $kit): WorkAnswer
    {
        $missing = count(
            array_unique(array_map(static fn (Task $task): string => $task->operation->id, $kit->lacking($work))),
        );

        $floor = $kit->floor($work);

        return new WorkAnswer(
            id: $work->id,
            version: $work->version,
            name: $work->name,
            form: $work->patternOfWork()->form ?? self::OWN_FORM,
            state: match (true) {
                $missing === 0 => 'now',
                $floor !== null => 'roughly',
                $work->chosen && self::isPlanned($work, $kit) => 'planned',
                default => 'locked',
            },
            missing: $missing,
            well: $floor === null ? null : LadderWords::floor($floor),
            chosen: $work->chosen,
            due: $work->due_on,
        );
    }

    private static function isPlanned(Work $work, KitOfBench $kit): bool
    {
        foreach ($kit->planned($work)->tasks as $task) {
            if (! $kit->coverageOfPlan()->of($task)->isEnough()) {
                return false;
            }
        }

        return true;
    }

    public static function page(Work $work, KitOfBench $kit, LengthFormatter $format): WorkPageAnswer
    {
        $pattern = $work->patternOfWork();
        $covered = $kit->covered($work);

        return new WorkPageAnswer(
            work: self::line($work, $kit),
            says: $work->says !== ''
                ? $work->says
                : $pattern->says ?? 'Put together from operations of your own '.'choice.',
            pattern: $pattern === null ? null : self::pattern($pattern, $format),
            hardness: $work->hardness,
            weight: $work->weight,
            typed: $pattern === null ? [] : self::typed($work, $pattern, $format),
            measuresMm: array_map(floatval(...), $work->measures),
            steps: array_map(
                static fn (array $step): WorkStepAnswer => new WorkStepAnswer(
                    operation: $step['operation'],
                    typed: array_map(static fn (float|int $mm): string => $format->typed((float) $mm), $step['mm']),
                    minGrade: $step['minGrade'],
                ),
                $work->steps,
            ),
            tasks: self::tasks($covered, $kit, $format),
            sentence: self::sentence($covered, $work->name),
            minutes: self::minutes($covered, $kit->paces()),
        );
    }

    /** @return array<string, string> */
    private static function typed(Work $work, Pattern $pattern, LengthFormatter $format): array
    {
        $typed = [];
        $now = $work->measuresNow();
        foreach ($pattern->measures as $measure) {
            $value = $now[$measure->name];
            $typed[$measure->name] = $measure->isLength ? $format->typed($value) : LengthFormatter::decimal($value, 0);
        }

        return $typed;
    }

    /**
     * @param  array<string, float>  $measures
     * @return array<string, string> lengths with their unit, counts without
     */
    public static function labels(?Pattern $pattern, array $measures, LengthFormatter $format): array
    {
        $labels = [];
        foreach ($pattern->measures ?? [] as $measure) {
            $value = $measures[$measure->name] ?? $measure->usual;
            $labels[$measure->name] = $measure->isLength
                ? $format->dimension($value)
                : LengthFormatter::decimal($value, 0);
        }

        return $labels;
    }

    public static function pattern(Pattern $pattern, LengthFormatter $format): PatternAnswer
    {
        return new PatternAnswer(
            id: $pattern->id,
            name: $pattern->name,
            says: $pattern->says,
            form: $pattern->form,
            measures: array_map(
                static fn (Measure $measure): MeasureAnswer => new MeasureAnswer(
                    name: $measure->name,
                    label: $measure->label,
                    usual: $measure->isLength
                        ? $format->typed($measure->usual)
                        : LengthFormatter::decimal($measure->usual, 0),
                    usualMm: $measure->usual,
                ),
                $pattern->measures,
            ),
        );
    }

    /**
     * What is missing first, then what is slow, then the rest; each in the order of the work.
     *
     * @param  list<TaskCoverage>  $covered
     * @return list<TaskAnswer>
     */
    public static function tasks(array $covered, KitOfBench $kit, LengthFormatter $format): array
    {
        usort(
            $covered,
            static fn (TaskCoverage $a, TaskCoverage $b): int => [$a->isEnough(), $a->better === null] <=> [
                $b->isEnough(),
                $b->better === null,
            ],
        );

        return array_map(static fn (TaskCoverage $row): TaskAnswer => self::task($row, $kit, $format), $covered);
    }

    private static function task(TaskCoverage $row, KitOfBench $kit, LengthFormatter $format): TaskAnswer
    {
        $words = new CoverageWords($format);
        $way = $row->best?->way;

        return new TaskAnswer(
            operation: $row->task->operation->id,
            name: $row->task->operation->name,
            explains: $row->task->operation->says,
            numbers: self::numbers($row->task, $format),
            state: match (true) {
                $row->isEnough() => 'now',
                $row->best !== null => 'roughly',
                $kit->coverageOfPlan()->of($row->task)->isEnough() => 'planned',
                default => 'impossible',
            },
            slow: $row->isEnough() && $row->better !== null,
            tools: implode(', ', $row->best?->names() ?? []),
            says: $words->says($row).self::leftOut($row, $kit),
            grade: $way?->grade,
            minGrade: $row->task->minGrade,
            speed: $words->speed($way, $kit->paces()[$row->task->operation->id]->factor ?? null),
            certainty: $way === null ? null : ($way->guided ? 'guided' : 'by hand and eye'),
        );
    }

    private static function numbers(Task $task, LengthFormatter $format): string
    {
        $parts = [];
        foreach ($task->facts->mm as $fact => $mm) {
            $parts[] =
                $fact === Fact::Tolerance->value ? "within {$format->small($mm)}" : "$fact {$format->dimension($mm)}";
        }

        return implode(', ', $parts);
    }

    /** Where the school is what stands in the way, it says so. */
    private static function leftOut(TaskCoverage $row, KitOfBench $kit): string
    {
        $kinds = array_filter(
            $row->nearest->missing ?? [],
            static fn (string $kind): bool => ! $kit->school->offers($kind),
        );
        $own = array_filter(
            $kinds,
            static fn (string $kind): bool => ($kit->school->overrules[$kind] ?? null) === Overrule::LeaveOut,
        );

        return match (true) {
            $kinds === [] => '',
            $own !== [] => ' You left it out.',
            default => ' Your school leaves it out.',
        };
    }

    /**
     * How long one of everything takes, and by whose pace.
     *
     * @param  list<TaskCoverage>  $covered
     * @param  array<string, Pace>  $paces
     */
    private static function minutes(array $covered, array $paces): string
    {
        $minutes = 0.0;
        $own = 0;
        foreach ($covered as $row) {
            $pace = $paces[$row->task->operation->id] ?? null;
            $own += $pace === null ? 0 : 1;
            $minutes += ($pace->factor ?? 1.0) * ($row->best?->way->minutes ?? 0.0) + ($row->best?->way->setUp ?? 0.0);
        }
        $whose = match (true) {
            $own === 0 => 'from memory',
            $own === count($covered) => 'by your own pace',
            default => "by your own pace for $own of ".Count::of(count($covered), 'operation').
                ', the others from memory',
        };

        return 'about '.LengthFormatter::decimal($minutes, 0)." minutes for one of everything, $whose";
    }

    /** @param  list<TaskCoverage>  $covered */
    public static function sentence(array $covered, string $name): string
    {
        $enough = static fn (TaskCoverage $row): bool => $row->isEnough();
        $poor = array_filter($covered, static fn (TaskCoverage $row): bool => ! $enough($row) && $row->best !== null);
        $none = count($covered) - count(array_filter($covered, $enough)) - count($poor);
        $slow = count(
            array_filter($covered, static fn (TaskCoverage $row): bool => $enough($row) && $row->better !== null),
        );
        $tooled = array_filter($covered, static fn (TaskCoverage $row): bool => ($row->best->tools ?? []) !== []);
        $all = count($covered);

        return match (true) {
            $all === 0 => 'Add the operations it takes.',
            $tooled === [] && $none > 0 => "Nothing of the $name can be done yet.",
            $none > 0 => $all - $none." of $all operations can be done; $none cannot yet.",
            $poor !== [] => "You can make the $name, ".self::well($poor).': '.
                Count::of(count($poor), 'operation').' not done as well as it asks.',
            $slow > 0 => "You can make the $name; $slow of $all operations will be slow.",
            default => "You can make the $name with what hangs here.",
        };
    }

    /** @param  non-empty-array<TaskCoverage>  $poor  what is done worse than it is asked */
    private static function well(array $poor): string
    {
        return LadderWords::floor(
            min(array_map(static fn (TaskCoverage $row): int => $row->best->way->grade ?? 1, array_values($poor))),
        );
    }
}
