<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Blank\Blank;
use App\Edge\Edge;
use App\Ledger\DiaryEntry;
use App\Ledger\Kinship;
use App\Ledger\Record;
use App\Ledger\RowStory;
use App\Ledger\Timeline;
use App\Making\Making;
use App\Reference\Reference;
use App\Session\BenchSession;
use App\Stall\LookOver;
use App\Stone\Stone;
use App\Sum\Sums;
use App\Tool\Tool;
use App\Work\Work;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Generated sequences of what people do, of undoing it and of undoing that, in any order: every page stays whole, and
 * the diary alone tells what the tables are.
 */
final class AnyOrderTest extends HttpTestCase
{
    private const COUNTERS = ['version', 'updated_at', 'deleted_at'];

    /** @var array<string, class-string<Record>> */
    private const IN_ADDRESSES = [
        'edge' => Edge::class,
        'tool' => Tool::class,
        'reference' => Reference::class,
        'work' => Work::class,
        'look' => LookOver::class,
        'making' => Making::class,
        'session' => BenchSession::class,
    ];

    private Randomizer $dice;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 4) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_undone_in_any_order_nothing_is_left_and_redone_everything_is_back(int $seed): void
    {
        $this->dice = new Randomizer(new Mt19937($seed));
        $before = self::standing();
        $entries = $this->doSome(14);
        $after = self::standing();
        self::assertNotEquals($before, $after);

        $undoings = $this->undoAll($this->dice->shuffleArray($entries));
        self::assertEquals($before, self::standing());
        $this->undoAll($this->dice->shuffleArray($undoings));
        self::assertEquals($after, self::standing());
        self::theSumsAreWhatTheTablesComeTo();
    }

    #[DataProvider('seeds')]
    public function test_every_page_stays_whole_and_the_diary_tells_what_the_tables_are(int $seed): void
    {
        $this->dice = new Randomizer(new Mt19937(100 + $seed));
        foreach (range(1, 3) as $ignored) {
            $this->doSome(6);
            foreach ($this->dice->shuffleArray($this->undoable()) as $index => $entry) {
                if ($index < 5) {
                    $this->undo($entry);
                }
            }
        }
        $this->everyPageAnswers();
        self::theDiaryTellsWhatTheTablesAre();
        self::theSumsAreWhatTheTablesComeTo();
    }

    /** None is missing, and each is what is made of the rows when nothing was kept. */
    private static function theSumsAreWhatTheTablesComeTo(): void
    {
        foreach (app(Sums::class)->all as $sum) {
            $kept = Sums::of($sum, self::bench());
            $ids = self::ints($sum->subjects(self::bench())->pluck('id')->all());
            self::assertSame(
                count($ids),
                DB::table('sums')->where('what', $sum->name())->whereIn('subject_id', $ids)->count(),
                $sum->name(),
            );
            self::assertEquals($sum->made(self::bench(), $ids), $kept, $sum->name());
        }
    }

    public function test_an_edge_comes_back_with_its_tool_and_not_before(): void
    {
        $tool = Tool::of(self::bench())->where('name', 'jack plane, 355 mm sole, 50 mm iron')->firstOrFail();
        $edge = Edge::ofTool($tool)->firstOrFail();
        $removals = [
            $this->ask('DELETE', "/api/edges/{$edge->id}", ['version' => $edge->version])->json('id'),
            $this->ask('DELETE', "/api/tools/{$tool->id}", ['version' => $tool->version])->json('entry.id'),
        ];
        $this->ask('POST', "/api/diary/{$removals[0]}/undo")
            ->assertCreated()
            ->assertJsonPath(
                'sentence',
                "Undone: Took the {$edge->name} off the list of edges; its record is kept. It comes back with the "
                    .'tool it belongs to.',
            );
        $this->everyPageAnswers();
        self::assertNull(Edge::of(self::bench())->find($edge->id));

        $this->ask('POST', "/api/diary/{$removals[1]}/undo")->assertCreated();
        self::assertNotNull(Edge::of(self::bench())->find($edge->id));
    }

    /**
     * @return list<int> the entries that were written
     */
    private function doSome(int $count): array
    {
        $last = $this->lastEntry();
        while ($count > 0) {
            $actions = $this->actions();
            [$verb, $to, $body] = $actions[$this->dice->getInt(0, count($actions) - 1)]();
            $answer = $this->ask($verb, $to, $body);
            self::assertLessThan(500, $answer->getStatusCode(), "$verb $to");
            $count--;
        }

        return self::ints(DiaryEntry::of(self::bench())->where('id', '>', $last)->pluck('id')->all());
    }

    /** @return list<callable(): array{string, string, array<string, mixed>}> verb, address, body */
    private function actions(): array
    {
        $event = ['day' => '', 'minutes' => '', 'wood' => 'soft', 'strokes' => '', 'found' => '', 'stone' => '',
            'deg' => '', 'note' => ''];
        $edge = fn (): Edge => $this->anyOf(Edge::class);
        $tool = fn (): Tool => $this->anyOf(Tool::class);

        return [
            fn (): array => $this->on($edge(), 'POST', '/api/edges/%d/events', ['kind' => 'honed', ...$event]),
            fn (): array => $this->on($edge(), 'POST', '/api/edges/%d/events', [...$event, 'kind' => 'touched-up']),
            fn (): array => $this->on($edge(), 'POST', '/api/edges/%d/events', [...$event, 'kind' => 'ground']),
            fn (): array => $this->on($edge(), 'POST', '/api/edges/%d/events', [
                ...$event, 'kind' => 'used', 'minutes' => (string) $this->dice->getInt(5, 90),
            ]),
            fn (): array => $this->on($edge(), 'DELETE', '/api/edges/%d'),
            fn (): array => $this->on($tool(), 'DELETE', '/api/tools/%d'),
            fn (): array => $this->on($tool(), 'POST', '/api/tools/%d/edges'),
            fn (): array => $this->on($tool(), 'POST', '/api/tools/%d/got'),
            fn (): array => $this->on($tool(), 'PUT', '/api/tools/%d/kept', [
                'kept' => $this->dice->getInt(0, 1) === 1,
            ]),
            fn (): array => $this->on($tool(), 'PUT', '/api/tools/%d/price', [
                'price' => (string) $this->dice->getInt(5, 90),
            ]),
            fn (): array => $this->on($tool(), 'POST', '/api/tools/%d/lent', [
                'to' => 'Jorun', 'on' => date('Y-m-d'), 'askOn' => '',
            ]),
            fn (): array => $this->on($this->anyOf(Reference::class), 'POST', '/api/references/%d/drops'),
            fn (): array => $this->on($this->anyOf(Reference::class), 'DELETE', '/api/references/%d'),
            fn (): array => $this->on(self::reference('200 mm try square'), 'POST', '/api/references/%d/tests', [
                ...self::squareTest([sprintf('0.%02d', $this->dice->getInt(0, 60))]),
                'planed' => $this->dice->getInt(0, 1) === 1,
            ]),
            fn (): array => $this->on($this->anyOf(Stone::class), 'POST', '/api/stones/%d/flattened'),
            fn (): array => $this->on($this->anyOf(Stone::class), 'DELETE', '/api/stones/%d'),
            fn (): array => $this->on($this->anyOf(Blank::class), 'DELETE', '/api/blanks/%d'),
            fn (): array => $this->on($this->anyOf(Work::class), 'DELETE', '/api/works/%d'),
            fn (): array => ['PUT', '/api/care/damp', ['damp' => ['dry', 'damp'][$this->dice->getInt(0, 1)]]],
            fn (): array => ['POST', '/api/consumables', [
                'kind' => 'paper', 'amount' => (string) $this->dice->getInt(1, 9),
            ]],
            fn (): array => ['POST', '/api/season/air', ['figures' => [
                'temperature' => '7', 'humidity' => (string) $this->dice->getInt(40, 90),
            ]]],
        ];
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{string, string, array<string, mixed>}
     */
    private function on(Record $record, string $verb, string $path, array $body = []): array
    {
        return [$verb, sprintf($path, $record->id), [...$body, 'version' => $record->version]];
    }

    /**
     * @template T of Record
     *
     * @param  class-string<T>  $kind
     * @return T
     */
    private function anyOf(string $kind): Record
    {
        $all = $kind::of(self::bench())->orderBy('id')->get()->all();

        return $all[$this->dice->getInt(0, count($all) - 1)];
    }

    /**
     * @param  list<int>  $entries
     * @return list<int> what undid them
     */
    private function undoAll(array $entries): array
    {
        return array_map($this->undo(...), $entries);
    }

    private function undo(int $entry): int
    {
        return (int) $this->ask('POST', "/api/diary/$entry/undo")
            ->assertCreated()
            ->json('id');
    }

    /** @return list<int> */
    private function undoable(): array
    {
        $latest = DiaryEntry::of(self::bench())->whereDoesntHave('undoneBy');
        $latest->where('changes', '<>', '[]')->latest('id');
        $latest->limit(12);

        return self::ints($latest->pluck('id')->all());
    }

    private function lastEntry(): int
    {
        return (int) DiaryEntry::of(self::bench())->latest('id')->firstOrFail()->id;
    }

    private function everyPageAnswers(): void
    {
        foreach (Route::getRoutes()->getRoutesByMethod()['GET'] ?? [] as $route) {
            preg_match_all('/\{(\w+)\}/', $route->uri(), $names);
            $others = array_diff($names[1], array_keys(self::IN_ADDRESSES));
            if (! str_starts_with($route->uri(), 'api/') || $others !== []) {
                continue;
            }
            $records = $names[1] === [] ? [null] : self::IN_ADDRESSES[$names[1][0]]::of(self::bench())->get()->all();
            foreach ($records as $record) {
                $to = '/'.str_replace('{'.($names[1][0] ?? '').'}', (string) $record?->id, $route->uri());
                $status = $this->json('GET', $to)->getStatusCode();
                self::assertTrue($status < 500, "$to answers $status");
            }
        }
    }

    /** Every row that the diary tells of is what its entries make of it, and goes with its whole. */
    private static function theDiaryTellsWhatTheTablesAre(): void
    {
        $bench = self::bench();
        $tables = self::tables();
        $timeline = Timeline::of($bench, $tables);
        $checked = 0;
        foreach ($timeline->rows() as $table => $ids) {
            foreach ($ids as $id) {
                $row = (array) DB::table($table)->where('id', $id)->first();
                $story = $timeline->row($table, $id);
                $lives = $story->lives();
                [$whole, $column] = Kinship::wholeOf($table) ?? [null, ''];
                if ($whole !== null && ($row[$column] ?? null) !== null) {
                    $lives = $lives && DB::table($whole)->where('id', $row[$column])->value('deleted_at') === null;
                }
                self::assertSame($lives, $row['deleted_at'] === null, "$table $id");
                $checked += self::columnsAreTold($story, $row, "$table $id");
            }
        }
        self::assertGreaterThan(50, $checked);
    }

    /** @param  array<string, mixed>  $row */
    private static function columnsAreTold(RowStory $story, array $row, string $where): int
    {
        $columns = $story->columns();
        foreach ($columns as $column) {
            $told = $story->value($column);
            is_numeric($told) || is_bool($told)
                ? self::assertEqualsWithDelta((float) $told, (float) $row[$column], 1e-9, "$where $column")
                : self::assertSame($told, $row[$column], "$where $column");
        }

        return count($columns);
    }

    /** @return list<string> that hold records */
    private static function tables(): array
    {
        return array_column(
            DB::select("select name from sqlite_master m where type = 'table' and exists
                (select 1 from pragma_table_info(m.name) where name = 'deleted_at') order by name"),
            'name',
        );
    }

    /** @return array<string, array<int, array<string, mixed>>> every row that is not laid aside, by table and number */
    private static function standing(): array
    {
        $standing = [];
        foreach (self::tables() as $table) {
            foreach (DB::table($table)->whereNull('deleted_at')->orderBy('id')->get() as $row) {
                $row = array_diff_key((array) $row, array_flip(self::COUNTERS));
                $standing[$table][(int) $row['id']] = array_map(
                    static fn (mixed $value): mixed => is_float($value) ? round($value, 9) : $value,
                    $row,
                );
            }
        }

        return $standing;
    }

    /**
     * @param  array<mixed>  $kept
     * @return list<int>
     */
    private static function ints(array $kept): array
    {
        return array_values(array_map(static fn (mixed $one): int => is_numeric($one) ? (int) $one : 0, $kept));
    }
}
