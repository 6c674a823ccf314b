<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Ledger\DiaryEntry;

/**
 * A note that changed nothing.
 *
 * @extends RecordFactory<DiaryEntry>
 */
final class DiaryEntryFactory extends RecordFactory
{
    /** @var class-string<DiaryEntry> */
    protected $model = DiaryEntry::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'written_at' => '2026-11-01T10:00:00Z',
            'kind' => 'note',
            'subject' => 'shed',
            'sentence' => 'Swept the shed.',
            'changes' => [],
        ];
    }

    public function saying(string $sentence): static
    {
        return $this->state(['sentence' => $sentence]);
    }
}
