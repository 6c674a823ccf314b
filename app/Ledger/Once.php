<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Bench\Bench;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * A request that may be sent twice, because its answer was lost, is written once.
 *
 * Its sender gives it a key of its own; the key is kept in the same transaction as what it writes.
 */
final class Once
{
    public const HEADER = 'X-Once';

    private const DAYS_KEPT = 30;

    private bool $claimed = false;

    /** @param  string|null  $key  null: it is sent but once */
    public function __construct(private readonly ?string $key = null)
    {
    }

    /** @throws AlreadyRecorded */
    public function claim(Bench $bench): void
    {
        if ($this->key === null || $this->claimed) {
            return;
        }
        $sent = DB::table('sent_requests');
        if ((clone $sent)->where('bench_id', $bench->id)->where('key', $this->key)->exists()) {
            throw new AlreadyRecorded();
        }
        $now = Carbon::now();
        (clone $sent)->where('sent_at', '<', $now->copy()->subDays(self::DAYS_KEPT)->toIso8601ZuluString())->delete();
        $sent->insert(['bench_id' => $bench->id, 'key' => $this->key, 'sent_at' => $now->toIso8601ZuluString()]);
        $this->claimed = true;
    }
}
