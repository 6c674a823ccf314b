<?php

declare(strict_types=1);

namespace App\Models;

use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Truing\Verdict;

/**
 * One test of a reference as it was read, with what came of it.
 *
 * @property int $reference_id
 * @property string $tested_at
 * @property array<string, mixed> $readings as they were typed
 * @property float $error_mm
 * @property float $uncertainty_mm
 * @property Verdict $verdict
 * @property string|null $found
 * @property string|null $taken what was taken off after it
 */
final class ReferenceTest extends Record implements TestRecord
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['readings' => 'array', 'error_mm' => 'float', 'uncertainty_mm' => 'float', 'verdict' => Verdict::class];
    }

    public function tested(): Tested
    {
        // Read past the casts: a list of references reads thousands of tests.
        $row = $this->getAttributes();

        return new Tested(Reference::day($row['tested_at']), (float) $row['error_mm'], (float) $row['uncertainty_mm'], Verdict::from($row['verdict']), isset($row['taken']));
    }

    public function found(): ?string
    {
        return $this->found;
    }

    public function taken(): ?string
    {
        return $this->taken;
    }

    public function series(): string
    {
        return '';
    }
}
