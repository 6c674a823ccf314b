<?php

declare(strict_types=1);

namespace Tests\Fault;

use JackRest\Desk\Edge\SharpeningForm;
use PDO;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Server;

/** Two windows that saw the same version and were tapped at once: of each pair one wins, and nothing is lost. */
final class PairsTest extends TestCase
{
    private const PAIRS = 500;

    private static Server $server;

    private static Client $client;

    public static function setUpBeforeClass(): void
    {
        self::$server = new Server();
        self::$client = new Client(self::$server->url(''));
    }

    public static function tearDownAfterClass(): void
    {
        self::$server->__destruct();
    }

    /** Five hundred pairs over every kind of action that changes what somebody saw. */
    public function test_of_each_pair_exactly_one_wins(): void
    {
        $asked = getenv('JACKREST_PAIRS');
        $pairs = $asked === false ? self::PAIRS : (int) $asked;
        $actions = array_keys($this->actions());
        $wrong = [];
        $counts = array_fill_keys($actions, 0);
        for ($pair = 0; $pair < $pairs; $pair++) {
            $name = $actions[$pair % count($actions)];
            $request = $this->actions()[$name]($pair);
            $statuses = array_column(self::$client->together([$request, $request]), 0);
            sort($statuses);
            $counts[$name]++;
            if ($statuses[0] >= 300 || $statuses[0] < 200 || $statuses[1] !== 409) {
                $wrong[] = "$name: ".implode(', ', $statuses);
            }
        }
        self::assertSame([], $wrong);
        foreach ($counts as $name => $count) {
            self::assertGreaterThan(10, $count, $name);
        }
    }

    /** A session is ended once, whoever is first: its diary has one entry, its edge one honing. */
    public function test_a_session_is_finished_once(): void
    {
        for ($round = 0; $round < 12; $round++) {
            $session = $this->beginHoning();
            $body = ['version' => $session['version'], 'outcome' => 'done'];
            $end = ['POST', "/api/sessions/{$session['id']}/finish", $body];
            $before = $this->entries();
            $statuses = array_column(self::$client->together([$end, $end, $end]), 0);
            sort($statuses);
            self::assertSame([200, 409, 409], $statuses);
            self::assertSame($before + 1, $this->entries());
        }
    }

    /** @return array<string, callable(int): array{string, string, array<string, mixed>}> */
    private function actions(): array
    {
        return [
            'price' => fn (int $n): array => $this->on('tools', $n, 'PUT', '/api/tools/%d/price', [
                'price' => (string) (10 + $n),
            ]),
            'kept' => fn (int $n): array => $this->on('tools', $n, 'PUT', '/api/tools/%d/kept', [
                'kept' => $n % 2 === 0,
            ]),
            'lent' => fn (int $n): array => $this->on('tools', $n, 'POST', '/api/tools/%d/lent', [
                'to' => "Jorun $n", 'on' => gmdate('Y-m-d'), 'askOn' => '',
            ]),
            'used an edge' => fn (int $n): array => $this->on('edges', $n, 'POST', '/api/edges/%d/events', [
                'kind' => 'used', 'day' => '', 'minutes' => (string) (5 + $n % 60), 'wood' => 'soft', 'strokes' => '',
                'found' => '', 'stone' => '', 'deg' => '', 'note' => '',
            ]),
            'fell' => fn (int $n): array => $this->on('references', $n, 'POST', '/api/references/%d/drops'),
            'flattened' => fn (int $n): array => $this->on('stones', $n, 'POST', '/api/stones/%d/flattened'),
            'school' => fn (int $n): array => $this->on('kit_settings', 0, 'PUT', '/api/kit/school', [
                'budget' => (string) (100 + $n),
            ]),
            'work' => fn (int $n): array => $this->on('works', $n, 'PUT', '/api/works/%d/chosen', [
                'chosen' => intdiv($n, 9) % 2 === 0,
            ]),
            'blank' => fn (int $n): array => $this->on('blanks', $n, 'POST', '/api/blanks/%d/measures', [
                'figures' => ['bow' => '0.1', 'wind' => '0', 'cup' => '0'],
            ]),
        ];
    }

    /**
     * What somebody sees and taps, read past the pages: those would be most of the time.
     *
     * @param  array<string, mixed>  $body
     * @return array{string, string, array<string, mixed>}
     */
    private function on(string $table, int $n, string $verb, string $path, array $body = []): array
    {
        $rows = (new PDO('sqlite:'.self::$server->data.'/jackrest.sqlite'))->query(
            "SELECT id, version FROM \"$table\" WHERE deleted_at IS NULL ORDER BY id",
            PDO::FETCH_ASSOC,
        );
        self::assertNotFalse($rows);
        $rows = $rows->fetchAll();
        /** @var array{id: int, version: int} $row */
        $row = $rows[$n % count($rows)];

        return [$verb, sprintf($path, $row['id']), [...$body, 'version' => $row['version']]];
    }

    /** @return array{id: int, version: int} */
    private function beginHoning(): array
    {
        $edge = $this->get('/api/edges')['edges'][0];
        [$status, $session] = self::$client->ask('POST', "/api/edges/{$edge['id']}/sessions", [
            'version' => $edge['version'],
            ...array_fill_keys(SharpeningForm::FIELDS, ''),
            'condition' => 'dull',
        ]);
        self::assertSame(201, $status, (string) json_encode($session));

        return $session;
    }

    private function entries(): int
    {
        $base = new PDO('sqlite:'.self::$server->data.'/jackrest.sqlite');
        $count = $base->query('SELECT count(*) FROM diary_entries');

        return $count === false ? 0 : (int) $count->fetchColumn();
    }

    /** @return array<string, mixed> */
    private function get(string $path): array
    {
        [$status, $answer] = self::$client->ask('GET', $path);
        self::assertSame(200, $status, $path);

        return $answer;
    }
}
