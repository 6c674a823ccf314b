<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Entry\DatabaseTrouble;
use App\Tool\Tool;
use Illuminate\Support\Facades\DB;
use PDOException;
use PHPUnit\Framework\Attributes\TestWith;

/** What keeps the database from being written is said in one sentence; reading goes on. */
final class TroubleTest extends HttpTestCase
{
    public function test_what_may_only_be_read_is_read(): void
    {
        $tool = Tool::of(self::bench())->firstOrFail();
        DB::statement('PRAGMA query_only = ON');
        $this->ask('PUT', "/api/tools/{$tool->id}/price", ['price' => '12', 'version' => $tool->version])
            ->assertStatus(503)
            ->assertJsonPath('errors.0.field', '');
        $this->ask('GET', '/api/kit')->assertOk();
        $this->ask('GET', '/api/bench')->assertOk();
        DB::statement('PRAGMA query_only = OFF');
        $this->ask('PUT', "/api/tools/{$tool->id}/price", ['price' => '12', 'version' => $tool->version])->assertOk();
    }

    /** @param  non-empty-string  $says */
    #[TestWith([5, 'Another program has locked the database', 503])]
    #[TestWith([8, 'Nothing can be written where the bench is kept', 503])]
    #[TestWith([10, 'The disk refuses to write', 507])]
    #[TestWith([11, 'The database cannot be read', 503])]
    #[TestWith([13, 'The disk is full: nothing was recorded since', 507])]
    #[TestWith([26, 'The database cannot be read', 503])]
    public function test_each_trouble_has_its_sentence(int $code, string $says, int $status): void
    {
        $problem = new PDOException('SQLSTATE[HY000]');
        $problem->errorInfo = ['HY000', $code, 'as the driver has it'];
        $trouble = DatabaseTrouble::of($problem);
        self::assertStringStartsWith($says, (string) $trouble?->says);
        self::assertSame($status, $trouble?->status);
    }

    public function test_another_problem_is_none_of_these(): void
    {
        self::assertNull(DatabaseTrouble::of(new \RuntimeException('full')));
        $constraint = new PDOException('SQLSTATE[23000]');
        $constraint->errorInfo = ['23000', 19, 'UNIQUE constraint failed'];
        self::assertNull(DatabaseTrouble::of($constraint));
    }
}
