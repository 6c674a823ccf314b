<?php

declare(strict_types=1);

namespace App\Care;

use App\Ledger\Record;
use JackRest\Core\Care\CareJob;

/**
 * A round of care that was done.
 *
 * @property CareJob $job
 * @property string $done_on
 */
final class CareDone extends Record
{
    protected $table = 'care_rounds';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['job' => CareJob::class];
    }
}
