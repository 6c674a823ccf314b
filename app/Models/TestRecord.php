<?php

declare(strict_types=1);

namespace App\Models;

use JackRest\Core\Truing\History\Tested;

/**
 * One test of a reference, whatever was tested.
 *
 * @phpstan-require-extends Record
 *
 * @property int $id
 * @property string $tested_at
 */
interface TestRecord
{
    public function tested(): Tested;

    /** What was found, beside its size: crown, toward the stock; null: nothing more to say. */
    public function found(): ?string;

    /** What was taken off after it; null: nothing. */
    public function taken(): ?string;

    /** Which of the reference's several edges was tested; empty where it has but one. */
    public function series(): string;
}
