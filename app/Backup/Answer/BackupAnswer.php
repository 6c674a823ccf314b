<?php

declare(strict_types=1);

namespace App\Backup\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A backup of everything on this machine. */
final readonly class BackupAnswer extends Answer
{
    public function __construct(
        #[Field('what its file is called')] public string $name,
        #[Field('when it was made, ready to be read')] public string $says,
        #[Field('why, and how large it is')] public string $why,
    ) {
    }
}
