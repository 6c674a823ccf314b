<?php

declare(strict_types=1);

namespace App\Carry;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use stdClass;

/**
 * New numbers for the records of a file, where others have theirs: each table's count on from its highest. Wherever a
 * record names another, that number is changed as well; one that the file does not have is an error, for it would name
 * a stranger's.
 */
final readonly class Renumbering
{
    /** Numbers in columns of JSON, by table and column: the way to them, and whose they are. @ is the name itself. */
    private const IN_JSON = [
        'bench_sessions' => [
            ['steps', '*.edgeId', 'edges'],
            ['steps', '*.stoneId', 'stones'],
            ['context', 'becomes.@', 'edges'],
        ],
        'diary_entries' => [
            ['typed', 'body.known', 'references'],
            ['typed', 'body.rows.*.square', 'references'],
            ['typed', 'body.references.*', 'references'],
            ['typed', 'body.board', 'references'],
            ['typed', 'body.sides.*.stone', 'stones'],
            ['typed', 'body.edges.*', 'edges'],
            ['typed', 'body.tools.*', 'tools'],
            ['typed', 'body.work', 'works'],
        ],
        'shadow_boards' => [['tools', '*', 'tools']],
        'work_jobs' => [
            ['steps', '*.hone', 'edges'],
            ['steps', '*.edges.@', 'edges'],
            ['steps', '*.used.*', 'tools'],
        ],
    ];

    /** Named without the database's knowing. */
    private const UNDECLARED = ['diary_entries' => ['part_of_id' => 'diary_entries']];

    /** Words before the number of a stone. */
    private const STONE = '/^(stone-)(\d+)$/';

    /** @var array<string, int> by table, what is added to every number of it */
    private array $by;

    /** @var array<string, array<string, string>> by table, whose number a column has */
    private array $columns;

    /**
     * @param  array<string, array<int, true>>  $known  by table, the numbers that the file has
     * @param  int  $bench  the number of the new bench
     */
    public function __construct(private array $known, private int $bench)
    {
        $by = $columns = [];
        foreach (array_keys($known) as $table) {
            $highest = DB::table($table)->max('id');
            $by[$table] = is_numeric($highest) ? (int) $highest : 0;
            $columns[$table] = self::foreign($table) + (self::UNDECLARED[$table] ?? []);
        }
        $this->by = $by;
        $this->columns = $columns;
    }

    /** @return array<string, string> */
    private static function foreign(string $table): array
    {
        $columns = [];
        /** @var list<object{column: string, other: string}> $keys */
        $keys = DB::select('SELECT "from" AS "column", "table" AS other FROM pragma_foreign_key_list(?)', [$table]);
        foreach ($keys as $key) {
            $columns[$key->column] = $key->other;
        }
        unset($columns['bench_id']);

        return $columns;
    }

    /**
     * @param  array<string, mixed>  $told
     * @return array<string, mixed>
     */
    public function line(string $table, array $told): array
    {
        $told = ['id' => $this->number($table, $told['id'] ?? null), 'bench_id' => $this->bench] + $told;
        if ($table === 'diary_entries' && is_array($told['changes'] ?? null)) {
            $told['changes'] = array_map($this->change(...), $told['changes']);
        }

        return $this->named($table, $told);
    }

    /**
     * @param  array<string, mixed>  $told  a row, or part of one
     * @return array<string, mixed>
     */
    private function named(string $table, array $told): array
    {
        foreach ($this->columns[$table] as $column => $other) {
            if (isset($told[$column])) {
                $told[$column] = $this->number($other, $told[$column]);
            }
        }
        if (isset($told['subject_type'], $told['subject_id'])) {
            $told['subject_id'] = $this->number(self::tableOf($told['subject_type']), $told['subject_id']);
        }
        foreach (self::IN_JSON[$table] ?? [] as [$column, $way, $other]) {
            if (isset($told[$column])) {
                $told[$column] = $this->inJson($told[$column], explode('.', $way), $other);
            }
        }

        return $told;
    }

    /** One change that an entry of the diary made. */
    private function change(mixed $change): object
    {
        $table = $change instanceof stdClass ? $change->table ?? null : null;
        if (! $change instanceof stdClass || ! is_string($table) || ! isset($this->known[$table])) {
            throw new RuntimeException('The diary of that file tells of something that this version does not know.');
        }
        $change->id = $this->number($table, $change->id ?? null);
        foreach (['before', 'after'] as $side) {
            $row = $change->{$side} ?? null;
            if ($row instanceof stdClass) {
                /** @var array<string, mixed> $columns */
                $columns = get_object_vars($row);
                $change->{$side} = (object) $this->named($table, $columns);
            }
        }

        return $change;
    }

    /**
     * @param  list<string>  $way
     */
    private function inJson(mixed $value, array $way, string $other): mixed
    {
        // Within the diary a column is what the database had: JSON as text.
        $isText = is_string($value) && $way !== [] && in_array($value[0] ?? '', ['{', '['], true);
        if ($isText) {
            $inside = $this->inJson(json_decode($value, flags: JSON_THROW_ON_ERROR), $way, $other);

            return json_encode($inside, JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);
        }
        $step = array_shift($way);

        return match (true) {
            $step === null => $this->number($other, $value),
            $step === '*' && is_array($value) => array_map(
                fn (mixed $one): mixed => $this->inJson($one, $way, $other),
                $value,
            ),
            $step === '@' && $value instanceof stdClass => $this->keys($value, $other),
            $value instanceof stdClass && isset($value->{$step}) => $this->with($value, $step, $way, $other),
            default => $value,
        };
    }

    /** @param  list<string>  $way */
    private function with(stdClass $value, string $step, array $way, string $other): stdClass
    {
        $value->{$step} = $this->inJson($value->{$step}, $way, $other);

        return $value;
    }

    private function keys(stdClass $value, string $other): stdClass
    {
        $keyed = new stdClass();
        foreach (get_object_vars($value) as $number => $one) {
            $keyed->{(string) $this->number($other, $number)} = $one;
        }

        return $keyed;
    }

    /** @return int|string|null as it was written: null and 0 name nothing */
    private function number(string $table, mixed $value): int|string|null
    {
        if ($value === null || $value === 0) {
            return $value;
        }
        if (is_string($value) && preg_match(self::STONE, $value, $found) === 1) {
            return $found[1].$this->number($table, (int) $found[2]);
        }
        $number = is_int($value) || (is_string($value) && ctype_digit($value)) ? (int) $value : 0;
        if (! isset($this->known[$table][$number])) {
            throw new RuntimeException('Records of that file refer to others that it does not have.');
        }
        $new = $number + $this->by[$table];

        return is_int($value) ? $new : (string) $new;
    }

    private static function tableOf(mixed $subject): string
    {
        $model = is_string($subject) ? Relation::getMorphedModel($subject) : null;
        if ($model === null || ! is_subclass_of($model, Model::class)) {
            throw new RuntimeException('That file tells of something that this version does not know.');
        }

        return (new $model())->getTable();
    }
}
