<?php

declare(strict_types=1);

namespace App\Backup\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;

/** What is backed up, where, and how often. */
final readonly class BackupsAnswer extends Answer
{
    /** @param  list<BackupAnswer>  $backups */
    public function __construct(
        #[Field('the folder they lie in')] public string $folder,
        #[Field('how many of the days are kept')] public int $daily,
        #[Field('how many of the weeks are kept')] public int $weekly,
        #[Field('those there are, the latest first', of: BackupAnswer::class)] public array $backups,
        #[Field('what to do next')] public NextAnswer $next,
    ) {
    }
}
