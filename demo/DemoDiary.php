<?php

declare(strict_types=1);

namespace Demo;

use App\Bench\Bench;
use App\Blank\Blank;
use App\Care\CareDone;
use App\Edge\DiaryTable;
use App\Edge\EdgeAfterEvent;
use App\Edge\EdgeEvent;
use App\Files\CsvTable;
use App\Job\WorkJob;
use App\Ledger\Record;
use App\Reference\ReferenceTest;
use App\Saw\Filing;
use App\SetOut\SetOut;
use App\Tool\Tool;
use BackedEnum;
use Database\Relay\EventEntries;
use Illuminate\Support\Facades\DB;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;

/** What happened on the demo bench stands in its diary, each thing once, as it would if it had been recorded there. */
final class DemoDiary
{
    private const CHUNK = 100;

    /** @var list<array<string, mixed>> */
    private array $entries = [];

    /** @param  array<mixed>  $told  subject and day of what the diary tells already */
    private function __construct(private readonly Bench $bench, private readonly array $told)
    {
    }

    public static function write(Bench $bench): void
    {
        $told = DB::table('diary_entries')->where('bench_id', $bench->id)
            ->selectRaw("subject_type || ' ' || subject_id || ' ' || substr(written_at, 1, 10) as mark")
            ->pluck('mark')
            ->all();
        $diary = new self($bench, $told);
        $diary->tools();
        $diary->tests();
        $diary->rests();
        $diary->care();
        $diary->filings();
        $diary->setOuts();
        $diary->jobs();
        foreach (array_chunk($diary->entries, self::CHUNK) as $chunk) {
            DB::table('diary_entries')->insert($chunk);
        }
        EventEntries::write();
    }

    /**
     * What a honing wrote, that ended a session.
     *
     * @param  array{kind: string, written_at: string}  $entry
     * @return list<array{table: string, id: int, before: null, after: array<never, never>}>
     */
    public static function honed(Bench $bench, array $entry, ?int $edge): array
    {
        $day = substr($entry['written_at'], 0, 10);
        $event = EdgeEvent::of($bench)->where('edge_id', $edge)->where('kind', $entry['kind'])
            ->where('happened_at', 'like', "$day%")
            ->first();

        return $event === null
            ? []
            : [['table' => $event->getTable(), 'id' => $event->id, 'before' => null, 'after' => []]];
    }

    /** The edges' own diaries, of a year. */
    public static function ofEdges(Bench $bench): void
    {
        $table = new DiaryTable();
        $rows = [];
        foreach (
            CsvTable::read(DemoFiles::read('edge-diary.csv'), $table->columns(), $table->needed())->rows as $row
        ) {
            $line = $table->line($bench, $row['cells']);
            assert($line !== null);
            $columns = [
                'edge_id' => $line['edge']->id,
                ...EdgeEvent::columns($line['event']),
                'recession_mm' => EdgeAfterEvent::recessionMm($line['event']),
            ];
            $rows[] = [
                'bench_id' => $bench->id,
                ...array_map(
                    static fn (mixed $value): mixed => $value instanceof BackedEnum ? $value->value : $value,
                    $columns,
                ),
            ];
        }
        // Six hundred of them: one by one they would be most of the time that laying out the bench takes.
        foreach (array_chunk($rows, 100) as $chunk) {
            DB::table('edge_events')->insert($chunk);
        }
    }

    private function tools(): void
    {
        foreach (Tool::of($this->bench)->whereNotNull('hung_on')->get() as $tool) {
            $this->add($tool, $tool, (string) $tool->hung_on, 'tool-added', "The {$tool->name} hangs on the board.");
        }
    }

    private function tests(): void
    {
        $format = new LengthFormatter(LengthUnit::Millimetre);
        foreach (ReferenceTest::of($this->bench)->with('reference')->get() as $test) {
            $found =
                "{$format->small(abs($test->error_mm))} ± {$format->small($test->uncertainty_mm)} out, ".
                $test->verdict->says();
            $taken = $test->taken === null ? '' : "; {$test->taken}";
            $sentence = "Tested the {$test->reference->name}: $found$taken.";
            $this->add($test, $test->reference, $test->tested_at, 'reference-tested', $sentence);
        }
    }

    private function rests(): void
    {
        $format = new LengthFormatter(LengthUnit::Millimetre);
        foreach (Blank::of($this->bench)->with('visits')->get() as $blank) {
            foreach ($blank->visits as $visit) {
                $says =
                    "bow {$format->small($visit->bow_mm)}, wind {$format->small($visit->wind_mm)}, cup ".
                    $format->small($visit->cup_mm);
                $sentence = "Measured the {$blank->name}: $says.";
                $this->add($visit, $blank, $visit->measured_at, 'blank-at-rest', $sentence);
            }
        }
    }

    private function care(): void
    {
        $tools = Tool::of($this->bench)->where('status', 'owned')->count();
        foreach (CareDone::of($this->bench)->get() as $round) {
            $this->add($round, null, $round->done_on, 'cared', $round->job->says($tools).' Done.');
        }
    }

    private function filings(): void
    {
        foreach (Filing::of($this->bench)->get() as $filing) {
            $tool = Tool::of($this->bench)->whereKey($filing->tool_id)->firstOrFail();
            $this->add($filing, $tool, $filing->filed_on, 'filed', "Filed the {$tool->name}.");
        }
    }

    private function setOuts(): void
    {
        foreach (SetOut::of($this->bench)->with('work')->get() as $setOut) {
            $sentence = 'Set out '.lcfirst($setOut->label())." for the {$setOut->work->name}.";
            $at = (string) $setOut->created_at?->toIso8601ZuluString();
            $this->add($setOut, $setOut->work, $at, 'work-set-out', $sentence);
        }
    }

    private function jobs(): void
    {
        foreach (WorkJob::of($this->bench)->with('work')->get() as $job) {
            $at = (string) $job->created_at?->toIso8601ZuluString();
            $this->add($job, $job->work, $at, 'job-begun', "Began to make $job->name.");
        }
    }

    /** @param  Record|null  $about  null: the kit */
    private function add(Record $made, ?Record $about, string $at, string $kind, string $sentence): void
    {
        $type = $about?->getMorphClass();
        $day = substr($at, 0, 10);
        if (in_array("$type {$about?->id} $day", $this->told, true)) {
            return;
        }
        $this->entries[] = [
            'bench_id' => $this->bench->id,
            'written_at' => strlen($at) > 10 ? $at : "{$day}T12:00:00Z",
            'kind' => $kind,
            'subject' => $about?->getAttribute('name') ?? 'kit',
            'subject_type' => $type,
            'subject_id' => $about?->id,
            'sentence' => $sentence,
            'changes' => (string) json_encode([
                ['table' => $made->getTable(), 'id' => $made->id, 'before' => null, 'after' => []],
            ]),
        ];
    }
}
