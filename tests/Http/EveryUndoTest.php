<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Bench\Bench;
use App\Blank\Blank;
use App\Care\ConsumableStock;
use App\Climate\ClimateStretch;
use App\Edge\Edge;
use App\Making\Making;
use App\Reference\Reference;
use App\ShadowBoard\ShadowBoard;
use App\Stall\LookOver;
use App\Stall\Mend;
use App\Tool\Tool;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Whatever is written down about references, the stall, the wall and care can be taken back, and leaves no trace but
 * the diary's.
 */
final class EveryUndoTest extends HttpTestCase
{
    /** What an undo does not take back: the diary, the counters, and the moment of a change. */
    private const COUNTERS = ['version', 'updated_at', 'revision'];

    private const TABLES = [
        'references',
        'reference_tests',
        'tools',
        'tool_uses',
        'mends',
        'look_overs',
        'care_rounds',
        'consumables',
        'shadow_boards',
        'auger_bits',
        'filings',
        'kit_settings',
        'edges',
        'climate_stretches',
        'blanks',
        'rest_visits',
        'makings',
    ];

    /** @return iterable<string, array{string, callable(Bench): string, array<string, mixed>}> verb, address, body */
    public static function writings(): iterable
    {
        $tool = static fn (string $then): callable => static fn (Bench $bench): string => '/api/tools/'.
            Tool::of($bench)->where('name', 'like', 'mallet%')->firstOrFail()->id.
            "/$then";
        $reference = static fn (string $name, string $then): callable => static fn (): string => self::referencePath(
            $name,
        ).$then;
        $square = self::squareTest(
            ['0.32'],
            ['shaving' => '0.05', 'tolerance' => '0.2', 'bladeWidth' => '41', 'least' => '30'],
            ['edge' => 'inner', 'blade' => 'metal'],
            'dial',
        );
        $straightedge = self::straightedgeTest(
            ['0', '0.5', '0'],
            ['flatTo' => '0.05', 'height' => '48', 'least' => '35'],
            ['0', '450', '900'],
        );
        $sticks = [
            'figures' => [
                'reading' => '2',
                'turned' => '0',
                'length' => '500',
                'boardWidth' => '150',
                'shaving' => '0.05',
                'tolerance' => '0.3',
            ],
            'lists' => [],
            'choices' => (object) [],
            'instrument' => 'dial',
        ];
        $today = Carbon::now()->toDateString();

        yield 'a square tested and rubbed' => [
            'POST',
            $reference('200 mm try square', '/tests'),
            [...$square, 'version' => 1, 'planed' => true],
        ];
        yield 'a square fallen' => ['POST', $reference('200 mm try square', '/drops'), ['version' => 1]];
        yield 'a straightedge tested and planed' => [
            'POST',
            $reference('900 mm straightedge', '/tests'),
            [...$straightedge, 'version' => 1, 'planed' => true],
        ];
        yield 'a straightedge fallen' => ['POST', $reference('900 mm straightedge', '/drops'), ['version' => 1]];
        yield 'winding sticks tested' => [
            'POST',
            $reference('450 mm winding sticks', '/tests'),
            [...$sticks, 'version' => 1, 'planed' => true],
        ];
        yield 'a stone among the references' => [
            'POST',
            static fn (): string => '/api/references',
            ['kind' => 'stone', 'name' => '8000 stone'],
        ];
        yield 'a reference taken off the list' => [
            'DELETE',
            static fn (Bench $bench): string => '/api/references/'.Reference::of($bench)->firstOrFail()->id,
            ['version' => 1],
        ];
        yield 'squares compared' => ['POST', static fn (): string => '/api/references/known', []];
        yield 'a tool used' => ['POST', $tool('used'), ['day' => $today, 'work' => null]];
        yield 'a tool lent' => [
            'POST',
            $tool('lent'),
            ['version' => 1, 'to' => 'Jorun', 'on' => $today, 'askOn' => ''],
        ];
        yield 'a tool kept for its own sake' => ['PUT', $tool('kept'), ['version' => 1, 'kept' => true]];
        yield 'tools put away' => ['POST', static fn (): string => '/api/kit/idle/away', []];
        yield 'a tool bought at the stall' => [
            'POST',
            static fn (Bench $bench): string => '/api/looks/'.
                LookOver::of($bench)->where('state', 'open')->firstOrFail()->id.
                '/bought',
            ['version' => 1, 'price' => '50'],
        ];
        yield 'a tool left at the stall' => [
            'POST',
            static fn (Bench $bench): string => '/api/looks/'.
                LookOver::of($bench)->where('state', 'open')->firstOrFail()->id.
                '/left',
            ['version' => 1],
        ];
        yield 'something mended' => [
            'POST',
            static fn (Bench $bench): string => '/api/upkeep/mend-'.
                Mend::of($bench)->get()->firstOrFail('done_at', null)->id.
                '/done',
            [],
        ];
        yield 'a round of care' => ['POST', static fn (): string => '/api/upkeep/care-wipe/done', []];
        yield 'blades bought again' => [
            'POST',
            static fn (Bench $bench): string => '/api/upkeep/stock-'.
                ConsumableStock::of($bench)->firstOrFail()->id.
                '/done',
            [],
        ];
        yield 'paper counted down' => [
            'POST',
            static fn (): string => '/api/consumables',
            ['kind' => 'paper', 'amount' => '10'],
        ];
        yield 'a shadow board laid out' => ['POST', static fn (): string => '/api/shadow-boards', []];
        yield 'a shadow board taken off the list' => [
            'DELETE',
            static fn (Bench $bench): string => '/api/shadow-boards/'.ShadowBoard::of($bench)->firstOrFail()->id,
            ['version' => 1],
        ];
        // Its radius has more figures than a row keeps.
        yield 'an iron curved' => [
            'PUT',
            static fn (Bench $bench): string => '/api/edges/'.
                Edge::of($bench)->where('name', 'iron of the jack plane, 50 mm')->firstOrFail()->id.
                '/curve',
            ['figures' => ['relief' => '0.5'], 'stone' => null, 'version' => 1],
        ];
        yield 'a saw read' => [
            'PUT',
            static fn (Bench $bench): string => '/api/saws/'.
                Tool::of($bench)->where('kind', 'dovetail-saw')->firstOrFail()->id,
            [
                'figures' => ['tpi' => '16', 'rake' => '7'],
                'use' => 'joinery',
                'state' => 'dull',
                'hardened' => false,
                'version' => 1,
            ],
        ];
        yield 'an auger bit checked' => [
            'PUT',
            static fn (Bench $bench): string => '/api/augers/'.
                Tool::of($bench)->where('kind', 'auger-bits')->firstOrFail()->id,
            ['sixteenths' => 9, 'figures' => ['spurs' => '14.4', 'twist' => '14.3'], 'sharp' => true, 'version' => 0],
        ];
        yield 'air read by hand' => [
            'POST',
            static fn (): string => '/api/season/air',
            ['figures' => ['temperature' => '7', 'humidity' => '80']],
        ];
        yield 'a log taken out' => [
            'DELETE',
            static fn (Bench $bench): string => '/api/season/stretches/'.ClimateStretch::of($bench)->firstOrFail()->id,
            ['version' => 1],
        ];
        yield 'a reference’s wood' => [
            'PUT',
            $reference('200 mm try square', '/wood'),
            ['species' => 'teak', 'figures' => ['thickness' => '9'], 'version' => 1],
        ];
        yield 'a blank laid on the shelf' => [
            'POST',
            static fn (): string => '/api/blanks',
            [
                'name' => 'holly strip',
                'species' => 'American holly',
                'figure' => 'straight',
                'knots' => 'none',
                'figures' => ['length' => '300', 'width' => '40', 'thickness' => '10', 'ring' => '80'],
            ],
        ];
        yield 'a blank described anew' => [
            'PUT',
            static fn (Bench $bench): string => '/api/blanks/'.Blank::of($bench)->firstOrFail()->id,
            [
                'name' => 'holly strip',
                'species' => 'American holly',
                'figure' => 'slight',
                'knots' => 'clear',
                'figures' => ['length' => '300', 'width' => '40', 'thickness' => '10', 'ring' => '80', 'runout' => '2'],
                'version' => 1,
            ],
        ];
        yield 'a blank measured' => [
            'POST',
            static fn (Bench $bench): string => '/api/blanks/'.Blank::of($bench)->firstOrFail()->id.'/measures',
            ['figures' => ['bow' => '0.1', 'wind' => '0', 'cup' => '-0.1'], 'version' => 1],
        ];
        yield 'a blank taken off the shelf' => [
            'DELETE',
            static fn (Bench $bench): string => '/api/blanks/'.Blank::of($bench)->firstOrFail()->id,
            ['version' => 1],
        ];
        yield 'something begun to be made' => [
            'POST',
            static fn (): string => '/api/plans/tenon-square/makings',
            ['figures' => ['blade' => '120'], 'blanks' => [], 'name' => ''],
        ];
        yield 'the making left off' => [
            'DELETE',
            static fn (Bench $bench): string => '/api/makings/'.Making::of($bench)->firstOrFail()->id,
            ['version' => 1],
        ];
        yield 'the shop’s damp' => ['PUT', static fn (): string => '/api/care/damp', ['damp' => 'dry']];
    }

    /**
     * @param  callable(Bench): string  $address
     * @param  array<string, mixed>  $body
     */
    #[DataProvider('writings')]
    public function test_it_can_be_taken_back(string $verb, callable $address, array $body): void
    {
        $bench = self::bench();
        $before = self::kept();
        $to = $address($bench);
        $this->ask($verb, $to, $body === [] ? $this->bodyOf($to) : $body)->assertSuccessful();
        self::assertNotEquals($before, self::kept(), 'it wrote nothing');
        $this->ask(
            'POST',
            '/api/diary/'.$this->ask('GET', '/api/diary')->json('entries.0.id').'/undo',
        )->assertCreated();
        self::assertEquals($before, self::kept());
    }

    /** @return array<string, mixed> what the page itself would send */
    private function bodyOf(string $address): array
    {
        $page = match ($address) {
            '/api/references/known' => $this->ask('GET', '/api/references/known')->json(),
            '/api/kit/idle/away' => $this->ask('GET', '/api/kit/idle')->json(),
            '/api/shadow-boards' => $this->ask('GET', '/api/shadow-boards')->json(),
            default => [],
        };

        return match ($address) {
            '/api/references/known' => [
                'known' => $page['known'][0]['id'],
                'instrument' => 'feeler',
                'rows' => [['square' => $page['squares'][0]['id'], 'gap' => '0.1', 'at' => 'tip']],
            ],
            '/api/shadow-boards' => [
                'name' => 'door',
                'width' => '800',
                'height' => '600',
                'room' => '25',
                'tools' => [$page['tools'][0]['id']],
            ],
            '/api/kit/idle/away' => ['tools' => $page['byWorth']['ids']],
            default => [],
        };
    }

    /** @return array<string, array<int, array<string, mixed>>> every row that is not laid aside */
    private static function kept(): array
    {
        $kept = [];
        foreach (self::TABLES as $table) {
            $kept[$table] = DB::table($table)
                ->whereNull('deleted_at')
                ->orderBy('id')
                ->get()
                ->map(static fn (object $row): array => array_diff_key((array) $row, array_flip(self::COUNTERS)))
                ->all();
        }

        return $kept;
    }
}
