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
        $this->getJson('/api/bench', ['Sec-Fetch-Site' => 'cross-site'])->assertForbidden();
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
}
