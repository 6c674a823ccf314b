<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\TestWith;

final class RefusalTest extends HttpTestCase
{
    #[TestWith(['bench.example'])]
    #[TestWith(['127.0.0.1.example:8000'])]
    #[TestWith(['192.168.1.5:8000'])]
    public function test_other_host_names_are_refused(string $host): void
    {
        $this->get("http://$host/api/bench")->assertStatus(421);
    }

    #[TestWith(['localhost:8000'])]
    #[TestWith(['127.0.0.1:8123'])]
    public function test_its_own_names_are_answered(string $host): void
    {
        $this->get("http://$host/api/bench")->assertOk();
    }

    #[TestWith(['https://elsewhere.example'])]
    #[TestWith(['null'])]
    #[TestWith(['http://localhost:9999'])]
    public function test_other_origins_are_refused(string $origin): void
    {
        $this->json(
            'POST',
            '/api/calc/grit',
            ['scale' => 'jis', 'designation' => '1000'],
            ['Origin' => $origin],
        )->assertForbidden();
    }

    public function test_a_cross_site_read_is_refused_too(): void
    {
        foreach (['cross-site', 'same-site'] as $other) {
            $this->getJson('/api/bench', ['Sec-Fetch-Site' => $other])->assertForbidden();
        }
        $this->getJson('/api/bench', ['Sec-Fetch-Site' => 'same-origin'])->assertOk();
    }

    public function test_pages_may_load_from_the_application_only(): void
    {
        $policy = (string) $this->get('/api/bench')->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'none'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        self::assertStringNotContainsString('http', $policy);
    }

    public function test_an_address_that_holds_nothing_says_so(): void
    {
        $this->getJson('/api/nothing')
            ->assertNotFound()
            ->assertJsonPath('errors.0.message', 'There is nothing kept under that address.');
    }

    /** Larger than anything a page sends: refused by what it says of itself, before it is read. */
    public function test_what_is_too_large_is_refused_before_it_is_read(): void
    {
        $json = ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'];
        $answers = ['/api/readings' => 413, '/api/calc/marking-chain' => 413, '/api/files/diary/preview' => 422];
        foreach ($answers as $address => $status) {
            $this->call('POST', $address, server: [...$json, 'CONTENT_LENGTH' => '7600000'], content: '{}')
                ->assertStatus($status);
        }
    }

    /** Deep or long within what may be sent: refused at once. */
    public function test_what_is_nested_or_long_is_refused(): void
    {
        foreach ([
            str_repeat('[', 400_000).str_repeat(']', 400_000),
            '{"readings": ['.implode(',', array_fill(0, 900, '['.implode(',', array_fill(0, 300, '1')).']')).']}',
        ] as $content) {
            $this->call('POST', '/api/readings', server: [
                'HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json',
            ], content: $content)
                ->assertStatus(422)
                ->assertJsonPath('errors.0.message', 'That is more than can be taken at once.');
        }
    }
}
