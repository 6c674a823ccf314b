<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Calculation;

use JackRest\Core\Calculation\SchemaWriter;
use JackRest\Core\Calculation\Writer;
use JackRest\Core\Edge\EdgeStateInput;
use JackRest\Core\Edge\HoningPlanInput;
use JackRest\Core\Edge\MicroBevelResult;
use JackRest\Core\Edge\SkippedStone;
use JackRest\Core\Fit\SawFitInput;
use JackRest\Core\Truing\ShavingMapInput;
use PHPUnit\Framework\TestCase;

final class SchemaWriterTest extends TestCase
{
    public function test_limits_and_meaning_stand_in_the_schema(): void
    {
        $schema = SchemaWriter::object(EdgeStateInput::class);

        self::assertSame(
            ['description' => 'width of the blade, mm', 'type' => 'number', 'exclusiveMinimum' => 0.0],
            $schema['properties']['bladeWidthMm'],
        );
        self::assertSame(
            ['touch-up', 'dull', 'nicked', 'fresh-grind', 'back'],
            $schema['properties']['condition']['enum'],
        );
    }

    public function test_what_has_a_default_is_not_required(): void
    {
        $schema = SchemaWriter::object(EdgeStateInput::class);

        self::assertNotContains('microWidthMm', $schema['required']);
        $fields = SchemaWriter::object(SawFitInput::class)['properties'];
        self::assertSame(90.0, $fields['sawAngleDeg']['default']);
        self::assertFalse($schema['additionalProperties']);
    }

    public function test_lists_say_what_they_hold_and_how_many(): void
    {
        $stations = SchemaWriter::object(ShavingMapInput::class)['properties']['stationsMm'];
        self::assertSame(
            ['array', ['type' => 'number'], 1, 1000],
            [$stations['type'], $stations['items'], $stations['minItems'], $stations['maxItems']],
        );

        $abrasives = SchemaWriter::object(HoningPlanInput::class)['properties']['abrasives'];
        self::assertSame(['id', 'particleUm'], $abrasives['items']['required']);
    }

    public function test_a_nullable_field_without_default_is_always_there(): void
    {
        self::assertSame(
            ['number', 'null'],
            SchemaWriter::object(SkippedStone::class)['properties']['extraSeconds']['type'],
        );
        self::assertSame(['id' => 'b', 'extraSeconds' => null], Writer::write(new SkippedStone('b', null)));
    }

    public function test_a_field_with_a_default_is_left_out_while_it_is_null(): void
    {
        self::assertArrayNotHasKey('honingsLeft', Writer::write(new MicroBevelResult(0.1, 0.2, 0.1, 0.005)));
    }

    public function test_nought_has_no_sign(): void
    {
        self::assertSame('0', json_encode(Writer::write(new MicroBevelResult(-0.0, 0.2, 0.1, 0.005))['recessionMm']));
    }

    public function test_what_stands_within_can_be_referred_to(): void
    {
        $schema = SchemaWriter::referring(
            SampleAnswer::class,
            static fn (string $class): array => ['$ref' => '#/'.substr($class, (int) strrpos($class, '\\') + 1)],
        );
        $reference = ['$ref' => '#/SampleAnswer'];

        self::assertSame(
            ['description' => 'what it belongs to', 'anyOf' => [$reference, ['type' => 'null']]],
            $schema['properties']['whole'],
        );
        self::assertSame($reference, $schema['properties']['parts']['items']);
        self::assertSame(['soft', 'medium', 'hard', null], $schema['properties']['hardness']['enum']);
        self::assertSame(['string', 'null'], $schema['properties']['hardness']['type']);
        self::assertSame(['open', 'left'], $schema['properties']['state']['enum']);
        self::assertSame(['type' => 'number'], $schema['properties']['sizes']['additionalProperties']);
        self::assertSame(
            ['type' => 'array', 'items' => ['type' => 'number']],
            $schema['properties']['rows']['items'],
        );
    }

    public function test_nothing_by_name_is_written_as_an_object(): void
    {
        $answer = new SampleAnswer(null, [], null, 'open', [], []);
        $sized = new SampleAnswer($answer, [$answer], null, 'left', ['width' => 50.0], [[1.0], []]);

        self::assertSame(
            '{"whole":null,"parts":[],"hardness":null,"state":"open","sizes":{},"rows":[]}',
            json_encode(Writer::write($answer)),
        );
        self::assertSame(['width' => 50.0], Writer::write($sized)['sizes']);
        self::assertSame([[1.0], []], Writer::write($sized)['rows']);
    }
}
