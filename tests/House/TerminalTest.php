<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\TestCase;

/** `./jackrest calc` as a person at a terminal meets it. */
final class TerminalTest extends TestCase
{
    /** @return array{int, string, string} status, standard output, standard error */
    private static function calc(string $arguments, string $input = ''): array
    {
        $process = proc_open(
            __DIR__."/../../jackrest calc $arguments",
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
        );
        self::assertIsResource($process);
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
        [$out, $err] = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];

        return [proc_close($process), $out, $err];
    }

    public function test_one_object_in_one_object_out(): void
    {
        [$status, $out, $err] = self::calc('grit', '{"scale":"jis","designation":"1000"}');
        self::assertSame([0, ''], [$status, $err]);
        self::assertStringStartsWith('{"particleUm":11.5,', $out);
    }

    public function test_bad_input_says_nothing_on_standard_output(): void
    {
        [$status, $out, $err] = self::calc('bevel-angle', '{"thicknessMm":4,"bevelLengthMm":3}');
        self::assertSame([2, ''], [$status, $out]);
        self::assertSame(
            '{"errors":[{"field":"bevelLengthMm","message":"must be longer than the blade is thick (4 mm)"}]}'."\n",
            $err,
        );
    }

    public function test_broken_json_is_told_in_json(): void
    {
        [$status, $out, $err] = self::calc('grit', '{oops');
        self::assertSame([2, ''], [$status, $out]);
        self::assertStringStartsWith('{"errors":[{"field":"","message":"is not JSON', $err);
    }

    public function test_lines_answer_each_and_end_with_2_when_one_was_bad(): void
    {
        [$status, $out] = self::calc(
            'grit --lines',
            "{\"scale\":\"jis\",\"designation\":\"1000\"}\n{}\n{\"scale\":\"micron\",\"designation\":\"3\"}\n",
        );
        $lines = explode("\n", trim($out));

        self::assertSame(2, $status);
        self::assertCount(3, $lines);
        self::assertStringStartsWith('{"errors":', $lines[1]);
        self::assertStringStartsWith('{"particleUm":3', $lines[2]);
    }

    public function test_a_file_may_be_named(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'grit');
        file_put_contents($file, '{"scale":"jis","designation":"8000"}');
        self::assertStringContainsString('"particleUm":1.2', self::calc("grit $file")[1]);
        unlink($file);
        self::assertSame(2, self::calc("grit $file")[0]);
    }

    public function test_the_schema_is_json_schema(): void
    {
        $schema = json_decode(self::calc('square-reversal --schema')[1], true);
        self::assertSame(['bladeLengthMm', 'farGapsMm'], $schema['input']['required']);
    }

    public function test_the_list_has_every_name_with_a_title(): void
    {
        self::assertMatchesRegularExpression(
            '/^honing-plan\s+Stones, strokes and seconds for an edge$/m',
            self::calc('--list')[1],
        );
    }
}
