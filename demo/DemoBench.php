<?php

declare(strict_types=1);

namespace Demo;

use App\Auger\AugerBit;
use App\Bench\Bench;
use App\Bench\User;
use App\Blank\Blank;
use App\Blank\RestVisit;
use App\Care\CareDone;
use App\Care\ConsumableStock;
use App\Climate\ClimateStretch;
use App\Edge\Edge;
use App\Edge\StopTrial;
use App\Guide\Guide;
use App\Ledger\AppendOnly;
use App\Ledger\DiaryEntry;
use App\Making\Making;
use App\Reference\Reference;
use App\Reference\ReferenceTest;
use App\Saw\Filing;
use App\School\KitSettings;
use App\Session\BenchSession;
use App\SetOut\SetOut;
use App\ShadowBoard\ShadowBoard;
use App\Stall\LookOver;
use App\Stall\Mend;
use App\Stone\Stone;
use App\Sum\Sums;
use App\Tool\StrokeCount;
use App\Tool\Tool;
use App\Tool\ToolUse;
use App\Work\Work;
use Database\Relay\DiarySubjects;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Instruments\Shed;
use JackRest\Core\Edge\StepKind;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Timber\ClimateDay;
use JackRest\Desk\Making\MakingStep;
use JackRest\Desk\Making\PlanForm;
use JackRest\Desk\Making\PlanKind;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** Lays out Orchard Row from `orchard-row.json`. People, prices and dates in it are invented. */
final class DemoBench
{
    /**
     * @var array{name: string, readings: list<array{int, float, float}>, rests: list<array{int, float}>}|null reckoned
     * once: tests lay the bench out hundreds of times
     */
    private static ?array $air = null;

    public static function loadIfEmpty(): bool
    {
        return DB::transaction(static function (): bool {
            if (Bench::query()->first() !== null) {
                return false;
            }
            self::load();
            app(Sums::class)->renewAll();

            return true;
        });
    }

    /** The demo bench as it was; benches of the user's own are not touched. */
    public static function reset(): void
    {
        DB::transaction(static function (): void {
            $old = self::demos();
            self::load();
            AppendOnly::unguarded('diary_entries', static function () use ($old): void {
                DB::table('diary_entries')
                    ->whereIn('bench_id', $old->modelKeys())
                    ->whereNotNull('undoes_id')
                    ->delete();
                $old->each->delete();
            });
            app(Sums::class)->renewAll();
        });
    }

    /** Goes to a bench of the user's own, an empty one the first time; the demo stays as it is. */
    public static function leave(): Bench
    {
        return DB::transaction(static function (): Bench {
            $own =
                Bench::inUse()
                    ->whereKeyNot(self::demos()->modelKeys())
                    ->first() ?? Bench::query()->create(['name' => 'My bench']);
            self::seat($own);

            return $own;
        });
    }

    /** @return Collection<int, Bench> */
    private static function demos(): Collection
    {
        return Bench::query()
            ->where('name', DemoFiles::plan()['bench']['name'])
            ->get();
    }

    /**
     * The one user works at this bench from now on.
     *
     * @param  array<string, string>  $as  name, unit and ground, where they are the demo's own
     */
    private static function seat(Bench $bench, array $as = []): void
    {
        $user = User::query()->first() ?? new User(DemoFiles::plan()['user']);
        $user->fill([...$as, 'bench_id' => $bench->id])->save();
    }

    private static function load(): void
    {
        $plan = DemoFiles::plan();
        $bench = Bench::query()->create($plan['bench']);
        self::seat($bench, $plan['user']);
        foreach ($plan['works'] as $work) {
            Work::of($bench)->create($work);
        }
        foreach ($plan['stones'] as $stone) {
            Stone::of($bench)->create($stone);
        }
        foreach ($plan['tools'] as $tool) {
            self::tool($bench, $tool);
        }
        foreach ($plan['references'] as $reference) {
            self::reference($bench, $reference);
        }
        foreach ($plan['uses'] as $use) {
            ToolUse::of($bench)->create([
                'tool_id' => Tool::of($bench)->get()->firstOrFail('name', $use['tool'])->id,
                'work_id' => $use['work'] === null
                        ? null
                        : Work::of($bench)->get()->firstOrFail('name', $use['work'])->id,
                'used_on' => $use['used_on'],
            ]);
        }
        foreach ($plan['care'] as $round) {
            CareDone::of($bench)->create($round);
        }
        foreach ($plan['consumables'] as $bought) {
            ConsumableStock::of($bench)->create($bought);
        }
        foreach ($plan['looks'] as $look) {
            self::look($bench, $look);
        }
        KitSettings::of($bench)->create($plan['settings']);
        foreach ($plan['strokes'] as $count) {
            $saw = Tool::of($bench)->get()->firstOrFail('name', $count['tool']);
            StrokeCount::of($bench)
                ->create([...array_diff_key($count, ['tool' => true]), 'tool_id' => $saw->id]);
        }
        foreach ($plan['guides'] as $guide) {
            Guide::of($bench)->create($guide);
        }
        foreach ($plan['auger_bits'] as $bit) {
            AugerBit::of($bench)
                ->create([
                    ...array_diff_key($bit, ['set' => true]),
                    'tool_id' => Tool::of($bench)->get()->firstOrFail('name', $bit['set'])->id,
                ]);
        }
        foreach ($plan['filings'] as $filing) {
            Filing::of($bench)
                ->create([
                    ...array_diff_key($filing, ['tool' => true]),
                    'tool_id' => Tool::of($bench)->get()->firstOrFail('name', $filing['tool'])->id,
                ]);
        }
        foreach ($plan['shadow_boards'] as $board) {
            $tools = Tool::of($bench)->get()->keyBy('name');
            ShadowBoard::of($bench)
                ->create([
                    ...$board,
                    'tools' => array_map(
                        static fn (string $name): int => $tools->firstOrFail('name', $name)->id,
                        $board['tools'],
                    ),
                ]);
        }
        foreach ($plan['sessions'] as $session) {
            self::session($bench, $session);
        }
        foreach ($plan['trials'] as $trial) {
            $edge = Edge::of($bench)->get()->firstOrFail('name', $trial['edge']);
            StopTrial::of($bench)->create([...array_diff_key($trial, ['edge' => true]), 'edge_id' => $edge->id]);
        }
        foreach ($plan['blanks'] as $blank) {
            $laid = Blank::of($bench)->create(array_diff_key($blank, ['visits' => true]));
            foreach ($blank['visits'] as $visit) {
                RestVisit::of($bench)->create([...$visit, 'blank_id' => $laid->id]);
            }
        }
        foreach ($plan['set_outs'] as $setOut) {
            SetOut::of($bench)->create([
                ...array_diff_key($setOut, ['work' => true, 'on' => true]),
                'work_id' => Work::of($bench)->get()->firstOrFail('name', $setOut['work'])->id,
                'created_at' => "{$setOut['on']}T17:00:00Z",
            ]);
        }
        foreach ($plan['makings'] as $making) {
            self::making($bench, $making);
        }
        self::air($bench);
        DemoDiary::ofEdges($bench);
        foreach ($plan['jobs'] as $job) {
            DemoJob::create($bench, $job);
        }
        $subjects = new DiarySubjects();
        foreach ($plan['diary'] as $entry) {
            [$type, $id] = $subjects->of($bench->id, $entry['subject'], []) ?? [null, null];
            DiaryEntry::of($bench)->create([
                ...$entry,
                'subject_type' => $type,
                'subject_id' => $id,
                'changes' => DemoDiary::honed($bench, $entry, $id),
            ]);
        }
        DemoDiary::write($bench);
    }

    /**
     * A honing that was walked to its end, with what the model asked of each stone and what was counted.
     *
     * @param  array{edge: string, ended_at: string, stones: list<array{string, float, int}>}  $session
     */
    private static function session(Bench $bench, array $session): void
    {
        $edge = Edge::of($bench)->get()->firstOrFail('name', $session['edge']);
        $stones = Stone::of($bench)->get()->keyBy('name');
        $steps = array_map(
            static fn (array $stone): SessionStep => new SessionStep(
                $stone[0],
                $stone[2],
                $stone[2] + 20.0,
                '',
                StepKind::Hone->value,
                beside: $edge->name,
                particleUm: $stones->firstOrFail('name', $stone[0])->toCore()->particleUm(),
                stoneId: "stone-{$stones->firstOrFail('name', $stone[0])->id}",
                modelCount: $stone[1],
                edgeId: $edge->id,
            ),
            $session['stones'],
        );
        BenchSession::of($bench)->create([
            'kind' => SessionKind::Honing,
            'subject_type' => $edge->getMorphClass(),
            'subject_id' => $edge->id,
            'title' => $edge->name,
            'steps' => array_map(static fn (SessionStep $step): array => $step->toArray(), $steps),
            'counted' => array_column($session['stones'], 2),
            'context' => ['need' => 'dull', 'becomes' => []],
            'at_step' => 1,
            'phase' => 'check',
            'state' => BenchSession::FINISHED,
            'started_at' => $session['ended_at'],
            'ended_at' => $session['ended_at'],
        ]);
    }

    /**
     * Something under way, by the plan as it is reckoned today.
     *
     * @param  array{
     *     plan: string, name: string, figures: array<string, string>, done: int, waits_until: string,
     *     wood: array<string, string|float>,
     * }  $making
     */
    private static function making(Bench $bench, array $making): void
    {
        $format = new LengthFormatter(LengthUnit::Millimetre);
        $form = PlanForm::of(PlanKind::from($making['plan']), $making['figures'], $format);
        Making::of($bench)
            ->create([
                ...array_diff_key($making, ['figures' => true]),
                'sizes' => $form->sizes->all(),
                'steps' => array_map(
                    static fn (MakingStep $step): array => get_object_vars($step),
                    $form->making->steps($format),
                ),
            ]);
    }

    /**
     * A year of the shed's air up to last midnight, as on the day the bench was written: no hour of it is still to
     * come.
     */
    private static function air(Bench $bench): void
    {
        $until = Carbon::parse(DemoFiles::WRITTEN_ON)->getTimestamp() - 3600;
        $moved = 86400 * DemoFiles::daysMoved();
        self::$air ??= ClimateStretch::columns(
            'of the shed’s hygrometer, a year',
            array_map(
                static fn (array $reading): ClimateDay => new ClimateDay(
                    $reading[0] / 86400,
                    $reading[1],
                    $reading[2],
                ),
                Shed::log($until - 365 * 86400, $until),
            ),
        );
        $later = static fn (array $rows): array => array_map(
            static fn (array $row): array => [$row[0] + $moved, ...array_slice($row, 1)],
            $rows,
        );
        ClimateStretch::of($bench)
            ->create([
                ...self::$air,
                'readings' => $later(self::$air['readings']),
                'rests' => $later(self::$air['rests']),
            ]);
    }

    /** @param  array<string, mixed>  $tool */
    private static function tool(Bench $bench, array $tool): void
    {
        ['edge' => $edge, 'reference' => $reference] = $tool + ['edge' => null, 'reference' => null];
        $hung = Tool::of($bench)->create(array_diff_key($tool, ['edge' => true, 'reference' => true]));
        if ($reference !== null) {
            self::reference($bench, [...$reference, 'tool_id' => $hung->id]);
        }
        if ($edge !== null) {
            Edge::of($bench)->create([...$edge, 'tool_id' => $hung->id]);
        }
    }

    /**
     * A tool looked over at a stall; a bought one hangs in the kit already, and is being mended.
     *
     * @param  array<string, mixed>  $look
     */
    private static function look(Bench $bench, array $look): void
    {
        $tool = $look['state'] === 'bought' ? Tool::of($bench)->get()->firstOrFail('kind', $look['kind']) : null;
        LookOver::of($bench)->create([...array_diff_key($look, ['mends' => true]), 'tool_id' => $tool?->id]);
        foreach ($look['mends'] ?? [] as $mend) {
            Mend::of($bench)->create([...$mend, 'tool_id' => $tool?->id]);
        }
    }

    /** @param  array<string, mixed>  $reference */
    private static function reference(Bench $bench, array $reference): void
    {
        $kept = Reference::of($bench)->create(array_diff_key($reference, ['tests' => true]));
        foreach ($reference['tests'] as $test) {
            ReferenceTest::of($bench)->create([...$test, 'reference_id' => $kept->id]);
        }
    }
}
