<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Tool\Tool;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;

/** A page that cannot have changed is not worked out again, and one that may have is. */
final class UnchangedTest extends HttpTestCase
{
    private const PAGES = [
        'bench', 'kit', 'kit/idle', 'kit/ladder', 'care', 'season', 'edges', 'references', 'diary', 'works',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-11-28T10:00:20Z');
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_a_page_unchanged_costs_one_304(): void
    {
        foreach (self::PAGES as $page) {
            $first = $this->ask('GET', "/api/$page")->assertOk();
            $tag = (string) $first->headers->get('ETag');
            self::assertNotSame('', $tag, $page);
            self::assertStringContainsString('no-cache', (string) $first->headers->get('Cache-Control'));
            $again = $this->get("/api/$page", ['If-None-Match' => $tag, 'Accept' => 'application/json']);
            self::assertSame([304, ''], [$again->getStatusCode(), $again->getContent()], $page);
            self::assertSame($tag, $again->headers->get('ETag'));
        }
    }

    public function test_after_a_write_another_preference_or_a_minute_it_is_worked_out_anew(): void
    {
        $tag = fn (): string => (string) $this->ask('GET', '/api/kit')->assertOk()->headers->get('ETag');
        $tags = [$tag()];
        $tool = Tool::of(self::bench())->firstOrFail();
        $this->ask('PUT', "/api/tools/{$tool->id}/price", ['price' => '12', 'version' => $tool->version])->assertOk();
        $tags[] = $tag();
        Carbon::setTestNow('2026-11-28T10:00:50Z');
        $this->ask('PUT', '/api/preferences', ['unit' => 'inch'])->assertOk();
        $tags[] = $tag();
        Carbon::setTestNow('2026-11-28T10:01:00Z');
        $tags[] = $tag();
        self::assertSame($tags, array_values(array_unique($tags)));
    }

    public function test_what_is_worked_out_anew_and_comes_out_the_same_is_not_sent_again(): void
    {
        $get = fn (string $tag) => $this->get('/api/kit', ['If-None-Match' => $tag, 'Accept' => 'application/json']);
        $tag = (string) $this->ask('GET', '/api/kit')->assertOk()->headers->get('ETag');
        Carbon::setTestNow('2026-11-28T10:01:00Z');
        $again = $get($tag);
        self::assertSame([304, ''], [$again->getStatusCode(), $again->getContent()]);
        self::assertNotSame($tag, $again->headers->get('ETag'), 'of this minute');
        self::assertSame(304, $get("W/$tag")->getStatusCode(), 'compressed on the way');
        $tool = Tool::of(self::bench())->where('status', 'wanted')->firstOrFail();
        $this->ask('PUT', "/api/tools/{$tool->id}/price", ['price' => '12', 'version' => $tool->version])->assertOk();
        self::assertSame(200, $get($tag)->getStatusCode());
        self::assertSame(200, $get((string) $again->headers->get('ETag'))->getStatusCode());
    }

    public function test_what_is_read_elsewhere_is_read_each_time(): void
    {
        foreach (['benches', 'pulse'] as $page) {
            self::assertNull($this->ask('GET', "/api/$page")->assertOk()->headers->get('ETag'), $page);
        }
    }

    public function test_what_was_kept_is_what_would_be_answered_and_goes_with_a_write_a_preference_or_a_minute(): void
    {
        $this->keepAnswers();
        foreach (self::PAGES as $page) {
            $made = $this->ask('GET', "/api/$page")->assertOk()->getContent();
            self::assertSame($made, $this->ask('GET', "/api/$page")->assertOk()->getContent(), $page);
        }
        self::assertSame(0, $this->queriesOf('/api/bench', 'diary_entries'), 'it was not worked out again');

        $tool = Tool::of(self::bench())->where('status', 'wanted')->firstOrFail();
        $this->ask('PUT', "/api/tools/{$tool->id}/price", ['price' => '12', 'version' => $tool->version])->assertOk();
        $board = array_column($this->ask('GET', '/api/kit')->json('wanted'), 'price', 'id');
        self::assertEquals(12, $board[$tool->id]);

        self::assertGreaterThan(0, $this->queriesOf('/api/bench', 'diary_entries'));
        Carbon::setTestNow('2026-11-28T10:01:20Z');
        self::assertGreaterThan(0, $this->queriesOf('/api/bench', 'diary_entries'));
        $this->ask('PUT', '/api/preferences', ['unit' => 'inch'])->assertOk();
        self::assertGreaterThan(0, $this->queriesOf('/api/bench', 'diary_entries'));
    }

    public function test_another_question_at_the_same_address_is_answered_for_itself(): void
    {
        $this->keepAnswers();
        $one = $this->ask('GET', '/api/season?thickness=10')->assertOk()->json('thick');
        $other = $this->ask('GET', '/api/season?thickness=40')->assertOk()->json('thick');
        self::assertNotSame($one, $other);
        self::assertSame($one, $this->ask('GET', '/api/season?thickness=10')->assertOk()->json('thick'));
    }

    private function keepAnswers(): void
    {
        Config::set('cache.stores.answers', ['driver' => 'array', 'serialize' => false]);
        app('cache')->forgetDriver('answers');
    }

    private function queriesOf(string $page, string $table): int
    {
        $count = 0;
        DB::listen(static function (QueryExecuted $query) use ($table, &$count): void {
            $count += str_contains($query->sql, "\"$table\"") ? 1 : 0;
        });
        $this->ask('GET', $page)->assertOk();

        return $count;
    }
}
