<?php

declare(strict_types=1);

namespace App\Carry;

use App\Bench\Bench;
use App\Photo\PhotoFile;
use App\Upgrade\Version;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use ZipArchive;

/** Writes the whole bench as one file. */
final readonly class BenchFileOut
{
    public function __construct(private Bench $bench)
    {
    }

    /** @throws RuntimeException when it cannot be written */
    public function write(string $path): void
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException("The file $path cannot be written.");
        }
        // One moment for all tables: what is written meanwhile is of the next file.
        DB::transaction(function () use ($zip): void {
            $lines = [];
            foreach (BenchTables::all() as $table) {
                $columns = BenchTables::columns($table);
                $rows = $this->rows($table, $columns);
                $lines[$table] = count($rows);
                $zip->addFromString(BenchFile::table($table), implode('', $rows));
                $zip->addFromString(BenchFile::schema($table), self::schema($table, $columns));
            }
            $zip->addFromString(BenchFile::HEAD, $this->head($lines));
        });
        $zip->addFromString('README.md', BenchFile::README);
        $photos = DB::table('photos')->where('bench_id', $this->bench->id)->orderBy('id')->pluck('file')->all();
        foreach (array_filter($photos, is_string(...)) as $file) {
            $photo = PhotoFile::folder().'/'.basename($file);
            if (is_file($photo)) {
                $zip->addFile($photo, BenchFile::photo($file));
            }
        }
        if (! $zip->close()) {
            throw new RuntimeException("The file $path cannot be written.");
        }
    }

    /**
     * @param  array<string, Column>  $columns
     * @return list<string> a line of JSON each
     */
    private function rows(string $table, array $columns): array
    {
        $lines = [];
        foreach (DB::table($table)->where('bench_id', $this->bench->id)->orderBy('id')->cursor() as $row) {
            $told = [];
            foreach ($columns as $name => $column) {
                $told[$name] = $column->told($row->{$name});
            }
            $lines[] = BenchFile::json($told)."\n";
        }

        return $lines;
    }

    /** @param  array<string, Column>  $columns */
    private static function schema(string $table, array $columns): string
    {
        return BenchFile::json([
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => $table,
            'type' => 'object',
            'properties' => array_map(static fn (Column $column): object => (object) $column->schema(), $columns),
            'required' => array_keys($columns),
            'additionalProperties' => false,
        ], JSON_PRETTY_PRINT)."\n";
    }

    /** @param  array<string, int>  $lines  of each table */
    private function head(array $lines): string
    {
        return BenchFile::json([
            'format' => BenchFile::FORMAT,
            'version' => BenchFile::VERSION,
            'program' => (string) Version::ofProgram(),
            'written' => Carbon::now()->toDateString(),
            'layout' => DB::table('migrations')->max('migration'),
            'bench' => ['id' => $this->bench->id, 'name' => $this->bench->name],
            'tables' => $lines,
        ], JSON_PRETTY_PRINT)."\n";
    }
}
