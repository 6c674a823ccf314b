<?php

declare(strict_types=1);

namespace Database\Relay;

use Illuminate\Support\Facades\DB;

/** Which record an entry of the diary is about, where only its name was written down. */
final class DiarySubjects
{
    /** Tables of what entries are about, by the name the diary has for it. */
    private const TABLES = [
        'edge' => 'edges',
        'tool' => 'tools',
        'reference' => 'references',
        'stone' => 'stones',
        'guide' => 'guides',
        'work' => 'works',
        'look-over' => 'look_overs',
        'shadow-board' => 'shadow_boards',
        'making' => 'makings',
        'blank' => 'blanks',
    ];

    /** @var array<string, list<array{string, int}>> what has a name, by bench and name */
    private array $named = [];

    public function __construct()
    {
        foreach (self::TABLES as $type => $table) {
            foreach (DB::table($table)->get(['id', 'bench_id', 'name']) as $row) {
                $this->named["$row->bench_id $row->name"][] = [$type, (int) $row->id];
            }
        }
    }

    /**
     * The one that was changed under that name, or the only one that has it; null: it cannot be told.
     *
     * @param  list<array{table: string, id: int}>  $changes
     * @return array{string, int}|null type, number
     */
    public function of(int $bench, string $name, array $changes): ?array
    {
        $candidates = $this->named["$bench $name"] ?? [];
        foreach ($candidates as $candidate) {
            foreach ($changes as $change) {
                if ($change['table'] === self::TABLES[$candidate[0]] && $change['id'] === $candidate[1]) {
                    return $candidate;
                }
            }
        }

        return count($candidates) === 1 ? $candidates[0] : null;
    }
}
