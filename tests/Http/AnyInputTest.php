<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Blank\Blank;
use App\Care\ConsumableStock;
use App\Climate\ClimateStretch;
use App\Edge\Edge;
use App\Guide\Guide;
use App\Ledger\DiaryEntry;
use App\Making\Making;
use App\Reference\Reference;
use App\Session\BenchSession;
use App\ShadowBoard\ShadowBoard;
use App\Stall\LookOver;
use App\Stone\Stone;
use App\Tool\Tool;
use App\Work\Work;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whatever stands in whatever field of whatever call: it is answered, or refused in a sentence, and never breaks. */
final class AnyInputTest extends HttpTestCase
{
    /** As JSON, for some of them PHP has no literal. */
    private const JUNK = [
        '1e999', '-1e999', '1e308', '-1e308', '1e-320', '9007199254740993', '-1', '0', '2.5', 'true', 'null', '[]',
        '{}',
        '[[]]', '{"a": {"b": []}}', '[1e999]', '""', '" "', '"\u0000x"', '"2026-13-45"',
        '"1e308"', '"-0"', '"١٢"',
        '"99999999999999999999999999"', '"../../etc"', '"=1+1"', '"1/0"', '"NaN"', '"\ud83d\ude00"', '"0x1F"', '"mm"',
    ];

    private const CALLS = 60;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        $asked = getenv('JACKREST_FUZZ_SEEDS');
        foreach (range(1, $asked === false ? 40 : (int) $asked) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_nothing_that_is_sent_breaks_it(int $seed): void
    {
        $dice = new Randomizer(new Mt19937($seed));
        $calls = self::calls();
        for ($call = 0; $call < self::CALLS; $call++) {
            [$method, $path, $schema] = $calls[$dice->getInt(0, count($calls) - 1)];
            $body = self::body($schema, $dice, 0.4);
            $answer = $this->call($method, $this->address($path), [], [], [], [
                'CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json',
            ], $body);
            $said = (string) $answer->getContent();
            self::assertLessThan(500, $answer->getStatusCode(), "$method $path $body\n$said");
            if ($answer->getStatusCode() === 422) {
                self::assertNotSame([], json_decode($said, true)['errors'] ?? [], "$method $path $body\n$said");
            }
        }
    }

    /** @return list<array{string, string, array<string, mixed>}> verb, path, what it takes */
    private static function calls(): array
    {
        /** @var array<string, mixed> $contract */
        $contract = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/contract/openapi.json'), true);
        $calls = [];
        foreach ($contract['paths'] as $path => $operations) {
            foreach ($operations as $method => $operation) {
                $schema = $operation['requestBody']['content']['application/json']['schema'] ?? null;
                if ($schema !== null && $path !== '/api/benches') {
                    $named = basename((string) ($schema['$ref'] ?? ''));
                    $calls[] = [
                        strtoupper((string) $method),
                        (string) $path,
                        $named === '' ? $schema : $contract['components']['schemas'][$named],
                    ];
                }
            }
        }
        self::assertGreaterThan(100, count($calls));

        return $calls;
    }

    /** @param  array<string, mixed>  $schema */
    private static function body(array $schema, Randomizer $dice, float $junk): string
    {
        if ($dice->getInt(0, 999) < 1000 * $junk) {
            return self::JUNK[$dice->getInt(0, count(self::JUNK) - 1)];
        }
        if (isset($schema['enum'])) {
            return (string) json_encode($schema['enum'][$dice->getInt(0, count($schema['enum']) - 1)]);
        }
        $type = is_array($schema['type'] ?? null) ? $schema['type'][0] : $schema['type'] ?? 'object';

        return match ($type) {
            'object' => self::object($schema, $dice, $junk),
            'array' => '['.self::body($schema['items'] ?? ['type' => 'string'], $dice, $junk).']',
            'integer' => (string) $dice->getInt(0, 12),
            'number' => (string) ($dice->getInt(1, 400) / 10),
            'boolean' => $dice->getInt(0, 1) === 1 ? 'true' : 'false',
            default => (string) json_encode((string) ($dice->getInt(1, 300) / 10)),
        };
    }

    /** @param  array<string, mixed>  $schema */
    private static function object(array $schema, Randomizer $dice, float $junk): string
    {
        $fields = [];
        foreach ($schema['properties'] ?? [] as $name => $field) {
            // One field in five is spoilt, so that the others are read at all.
            $fields[] = json_encode((string) $name).': '.self::body($field, $dice, min($junk, 0.2));
        }
        if (is_array($schema['additionalProperties'] ?? null)) {
            foreach (['length', 'width', 'ring'] as $name) {
                $fields[] = "\"$name\": ".self::body($schema['additionalProperties'], $dice, 0.2);
            }
        }

        return '{'.implode(', ', $fields).'}';
    }

    private function address(string $path): string
    {
        $bench = self::bench();
        $kinds = [
            'blank' => Blank::class, 'consumable' => ConsumableStock::class, 'edge' => Edge::class,
            'guide' => Guide::class, 'look' => LookOver::class, 'making' => Making::class,
            'reference' => Reference::class,
            'session' => BenchSession::class, 'shadowBoard' => ShadowBoard::class, 'stone' => Stone::class,
            'stretch' => ClimateStretch::class, 'tool' => Tool::class, 'work' => Work::class,
        ];

        return (string) preg_replace_callback('/\{(\w+)\}/', static fn (array $name): string => match ($name[1]) {
            'entry' => (string) DiaryEntry::of($bench)->latest('id')->value('id'),
            'saw' => (string) Tool::of($bench)->where('kind', 'dovetail-saw')->value('id'),
            'auger' => (string) Tool::of($bench)->where('kind', 'auger-bits')->value('id'),
            'scraper' => (string) Tool::of($bench)->where('kind', 'card-scraper')->value('id'),
            'plan' => 'bridle-square',
            'offer' => 'paring-block',
            'kind' => 'diary',
            default => isset($kinds[$name[1]]) ? (string) $kinds[$name[1]]::of($bench)->value('id') : '1',
        }, $path);
    }
}
