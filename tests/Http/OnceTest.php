<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Tool\Tool;
use PHPUnit\Framework\Attributes\TestWith;

/** What is sent again because its answer was lost is written once. */
final class OnceTest extends HttpTestCase
{
    private const TOOL = [
        'kind' => 'mallet', 'figures' => [], 'name' => 'another mallet', 'status' => 'owned', 'price' => '',
    ];

    public function test_the_same_request_sent_twice_is_written_once(): void
    {
        $this->withHeader('X-Once', 'first');
        $this->ask('POST', '/api/tools', self::TOOL)->assertCreated();
        $this->ask('POST', '/api/tools', self::TOOL)
            ->assertStatus(409)
            ->assertJsonPath('errors.0.field', 'once');
        self::assertSame(1, Tool::of(self::bench())->where('name', 'another mallet')->count());
        $this->withHeader('X-Once', 'second');
        $this->ask('POST', '/api/tools', self::TOOL)->assertCreated();
        self::assertSame(2, Tool::of(self::bench())->where('name', 'another mallet')->count());
    }

    /** A refused request has written nothing, its key neither: corrected, it is taken. */
    public function test_a_refused_request_can_be_sent_again(): void
    {
        $this->withHeader('X-Once', 'third');
        $tool = Tool::of(self::bench())->firstOrFail();
        $path = "/api/tools/{$tool->id}/kept";
        $this->ask('PUT', $path, ['kept' => true, 'version' => $tool->version + 1])
            ->assertStatus(409)
            ->assertJsonPath('errors.0.field', 'version');
        $this->ask('PUT', $path, ['kept' => true, 'version' => $tool->version])->assertOk();
    }

    #[TestWith([29, 409])]
    #[TestWith([31, 201])]
    public function test_keys_are_forgotten_after_a_month(int $days, int $status): void
    {
        $this->withHeader('X-Once', 'old');
        $this->ask('POST', '/api/tools', self::TOOL)->assertCreated();
        $this->travel($days)->days();
        $this->withHeader('X-Once', 'other');
        $this->ask('POST', '/api/tools', self::TOOL)->assertCreated();
        $this->withHeader('X-Once', 'old');
        $this->ask('POST', '/api/tools', self::TOOL)->assertStatus($status);
    }
}
