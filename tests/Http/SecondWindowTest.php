<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Tool\Tool;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;

/** Somebody else was quicker: the second is told, and nothing is written. */
final class SecondWindowTest extends HttpTestCase
{
    /** @param  array<string, mixed>  $body */
    #[TestWith(['POST', 'references', 'drops', []])]
    #[TestWith(['DELETE', 'references', '', []])]
    #[
        TestWith([
            'POST',
            'references',
            'tests',
            [
                'figures' => [
                    'rise' => '10',
                    'turned' => '10',
                    'run' => '70',
                    'nominal' => '7',
                    'thickness' => '22',
                    'joints' => '8',
                    'tolerance' => '0.1',
                ],
                'lists' => [],
                'choices' => [],
                'instrument' => 'loupe',
                'planed' => false,
            ],
        ]),
    ]
    #[TestWith(['PUT', 'tools', 'kept', ['kept' => true]])]
    #[TestWith(['POST', 'tools', 'hung', []])]
    #[TestWith(['POST', 'looks', 'left', []])]
    #[TestWith(['POST', 'looks', 'bought', ['price' => '']])]
    #[
        TestWith([
            'PUT',
            'looks',
            '',
            ['name' => 'plough', 'found' => [], 'asked' => '', 'good' => '100', 'perHour' => '10'],
        ]),
    ]
    #[TestWith(['DELETE', 'consumables', '', []])]
    #[TestWith(['DELETE', 'shadow-boards', '', []])]
    #[TestWith(['DELETE', 'blanks', '', []])]
    #[
        TestWith([
            'PUT',
            'blanks',
            '',
            [
                'name' => 'it',
                'species' => 'teak',
                'figure' => 'straight',
                'knots' => 'none',
                'figures' => ['length' => '300', 'width' => '40', 'thickness' => '10', 'ring' => '80'],
            ],
        ]),
    ]
    #[TestWith(['POST', 'blanks', 'measures', ['figures' => ['bow' => '0', 'wind' => '0', 'cup' => '0']]])]
    #[TestWith(['DELETE', 'makings', '', []])]
    #[TestWith(['POST', 'makings', 'sessions', ['early' => true]])]
    public function test_a_stale_version_is_refused(string $verb, string $what, string $then, array $body): void
    {
        $table = $what === 'looks' ? 'look_overs' : str_replace('-', '_', $what);
        $id = (int) DB::table($table)
            ->where('bench_id', self::bench()->id)
            ->when($what === 'looks', static fn ($rows) => $rows->where('state', 'open'))
            ->when($what === 'references', static fn ($rows) => $rows->where('kind', 'slope'))
            ->min('id');
        DB::table($table)
            ->where('id', $id)
            ->update(['version' => 7]);
        $entries = $this->ask('GET', '/api/diary')->json('entries.0.id');
        $this->ask($verb, rtrim("/api/$what/$id/$then", '/'), [...$body, 'version' => 6])->assertStatus(409);
        self::assertSame($entries, $this->ask('GET', '/api/diary')->json('entries.0.id'));
        self::assertSame(7, (int) DB::table($table)->where('id', $id)->value('version'));
    }

    public function test_a_lent_tool_too(): void
    {
        $tool = Tool::of(self::bench())->firstOrFail();
        $this->ask('POST', "/api/tools/{$tool->id}/lent", [
            'version' => 9,
            'to' => 'Jorun',
            'on' => Carbon::now()->toDateString(),
            'askOn' => '',
        ])->assertStatus(409);
        self::assertNull($tool->refresh()->lent_to);
    }
}
