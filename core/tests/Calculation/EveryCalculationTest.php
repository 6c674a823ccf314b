<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Calculation;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Calculation\UnknownCalculation;
use JackRest\Core\Catalogue\Catalogue;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** What holds for each calculation alike, whatever it computes. */
final class EveryCalculationTest extends TestCase
{
    public const EXAMPLES = [
        'grit' => '{"scale":"jis","designation":"1000"}',
        'bevel-angle' => '{"thicknessMm":4,"bevelLengthMm":9.5,"uncertaintyMm":0.1}',
        'micro-bevel' => '{"primaryDeg":25,"secondaryDeg":30,"recessionMm":0.1}',
        'cutting-geometry' => '{"bedDeg":45,"orientation":"bevel-down","bevelDeg":30}',
        'hollow-grind' => '{"thicknessMm":4,"bevelDeg":25,"wheelDiameterMm":150}',
        'nick' => '{"depthMm":0.1,"bladeWidthMm":25,"thicknessMm":4,"primaryDeg":25,"secondaryDeg":30}',
        'guide-calibrate' => '{"rollerDiameterMm":18,"settings":[{"projectionMm":40,'
            .'"angleDeg":25},{"projectionMm":30,"angleDeg":30}]}',
        'guide-projection' => '{"rollerDiameterMm":18,"axleSetbackMm":10,"axleDropMm":15,"anglesDeg":[25,30]}',
        'camber' => '{"ironWidthMm":50,"bedDeg":45,"radiusMm":200}',
        'back-bevel' => '{"shimMm":0.5,"reachMm":60}',
        'edge-state' => '{"condition":"dull","bladeWidthMm":12,"thicknessMm":3,"primaryDeg":25,"secondaryDeg":30}',
        'honing-plan' => '{"contactWidthMm":25,"contactLengthMm":1,"removeUm":15,"finishUm":1,'
            .'"abrasives":[{"id":"a","particleUm":1}]}',
        'square-reversal' => '{"bladeLengthMm":200,"farGapsMm":[0.3],"toleranceMm":0.1,"shavingMm":0.04}',
        'square-grade' => '{"bladeLengthMm":200,"errorMm":0.01}',
        'straightedge-reversal' => '{"stationsMm":[0,450,900],"gapsMm":[0,0.4,0],"shavingMm":0.05}',
        'three-edges' => '{"stationsMm":[0,450,900],"abMm":[0,0.1,0],"bcMm":[0,0.2,0],"caMm":[0,0.3,0]}',
        'winding-sticks' => '{"boardWidthMm":150,"stickLengthMm":450,"readingMm":3}',
        'winding-map' => '{"boardWidthMm":150,"stickLengthMm":450,"stations":[{"atMm":0,'
            .'"readingMm":0},{"atMm":600,"readingMm":3}]}',
        'slope-template' => '{"riseMm":10,"runMm":70,"nominalRatio":7}',
        'shaving-map' => '{"stationsMm":[0,1],"removeMm":[0.1,0.2],"shavingMm":0.1}',
        'saw-fit' => '{"teethPerInch":15,"strokeLengthMm":200,"stockThicknessMm":20,"cutDepthMm":20,"hardness":"hard"}',
        'sole-fit' => '{"soleLengthMm":355,"boardLengthMm":900,"shavingMm":0.05,"toleranceMm":0.2}',
        'kit-ladder' => '{"works":[{"id":"w","operations":["o"]}],"tools":[{"id":"t","cost":1}],'
            .'"methods":[{"operation":"o","tools":["t"]}],"owned":[],"grades":{"o":1}}',
        'kit-stages' => '{"works":[{"id":"w","operations":["o"]}],"tools":[{"id":"t","cost":1}],'
            .'"methods":[{"operation":"o","tools":["t"]}],"owned":[],"floors":[1,2],"grades":{"o":1}}',
        'chisel-fit' => '{"chiselsMm":[6,12],"pinMm":8,"thicknessMm":22,"mortiseMm":10}',
        'kerf-fit' => '{"plateMm":0.5,"setPerSideMm":0.06,"blades":[{"id":"fret","thicknessMm":0.25}]}',
        'shoulder-fit' => '{"stockThicknessMm":40,"tenonThicknessMm":10,"ironsMm":[20]}',
        'marking-chain' => '{"steps":[{"marker":"knife"}],"toleranceMm":0.1}',
        'brace-fit' => '{"diameterMm":25,"hardness":"medium","sweepsMm":[250]}',
        'saw-teeth' => '{"teethPerInch":10,"rakeDeg":15,"fleamDeg":20,"plateMm":0.6,"setPerSideMm":0.08}',
        'saw-file' => '{"teethPerInch":10,"rakeDeg":15}',
        'saw-template' => '{"lengthMm":250,"pitchMm":2,"toePitchMm":1.5,"toeLengthMm":50,"graded":true}',
        'auger-check' => '{"spursMm":12.2,"twistMm":12,"spurHeightMm":2.5,"holeDepthMm":30,"turns":20}',
        'camber-strokes' => '{"ironWidthMm":50,"bedDeg":45,"honedDeg":30,"contactLengthMm":1,"particleUm":15,'
            .'"reliefMm":0.1}',
        'scraper-burr' => '{"burnisherDeg":10}',
        'wood-movement' => '{"species":"black '.
            'cherry","ringAngleDeg":0,"widthMm":100,"from":{"mcPct":8},"to":{"tempC":20,"rhPct":65}}',
        'moisture-course' => '{"thicknessMm":12,"startMcPct":8,"climate":[{"day":0,"tempC":20,"rhPct":65}],'
            .'"untilDay":14}',
        'bent-batten' => '{"lengthMm":800,"riseMm":20,"thicknessMm":4,"widthMm":15,"stationsMm":[0,200,400]}',
        'dovetail-layout' => '{"boardWidthMm":89,"tailBoardMm":19,"pinBoardMm":19,"ratio":6,"halfPinMm":3.2,"tails":3}',
        'mortise-layout' => '{"stockMm":24,"railWidthMm":60,"chiselsMm":[6,10],"depthMm":30}',
        'tongue-and-groove' => '{"panelWidthMm":400,"boardWidthMm":100,"stockMm":20,"pairForMm":20,"tongueMm":6,'
            .'"tongueLongMm":6}',
        'recess-setup' => '{"widthMm":10,"depthMm":8,"fromEdgeMm":12,"grain":"along","stockThicknessMm":22,'
            .'"lengthMm":500,"ironsMm":[6],"shavingMm":0.2,"fenceMaxMm":120}',
        'fence-check' => '{"frontMm":20.4,"rearMm":20,"skateLengthMm":200,"ironMm":6}',
        'bore-turns' => '{"leadMm":1.5,"screwMm":8,"depthMm":25}',
        'shaving-count' => '{"fromMm":20.35,"toMm":20,"shavingMm":0.05}',
        'thickness-stages' => '{"fromMm":25,"toMm":19,"widthMm":200,"stages":3,"radialPct":4,"tangentialPct":8,'
            .'"startMcPct":14,"restMcPct":9,"restDays":3,"ringRadiusMm":80,"shavingMm":0.1}',
        'kit-plan' => '{"operations":[{"id":"o"}],"tools":[{"id":"t","cost":1}],"methods":[{"operation":"o",'
            .'"tools":["t"]}],"owned":[]}',
    ];

    /** @return iterable<string, array{string, stdClass}> */
    public static function examples(): iterable
    {
        foreach (Catalogue::entries() as $name => $entry) {
            $example = json_decode(self::EXAMPLES[$name] ?? 'null');
            self::assertInstanceOf(stdClass::class, $example, "$name has no example here");
            yield $name => [$name, $example];
        }
    }

    #[DataProvider('examples')]
    public function test_input_and_answer_keep_to_the_schema(string $name, stdClass $example): void
    {
        $schema = json_decode(json_encode(Catalogue::named($name)->schema(), JSON_THROW_ON_ERROR));
        $answer = json_decode(json_encode(Catalogue::named($name)->answer($example), JSON_THROW_ON_ERROR));
        $validator = new Validator();

        self::assertTrue($validator->validate($example, $schema->input)->isValid(), 'input');
        self::assertTrue($validator->validate($answer, $schema->output)->isValid(), 'answer');
    }

    #[DataProvider('examples')]
    public function test_an_unknown_field_is_refused_by_name(string $name, stdClass $example): void
    {
        $stray = clone $example;
        $stray->widhtMm = 3;
        self::assertSame('widhtMm', self::refusal($name, $stray)->errors[0]->field);
    }

    #[DataProvider('examples')]
    public function test_each_required_field_is_missed(string $name, stdClass $example): void
    {
        $required = Catalogue::named($name)->schema()['input']['required'] ?? [];
        if ($required === []) {
            // What can be given in two ways has no single field that must be there; nothing at all is still too little.
            self::assertNotSame([], self::refusal($name, new stdClass())->errors);
        }
        foreach ($required as $field) {
            $without = clone $example;
            unset($without->{$field});
            self::assertSame(
                [$field, 'is missing'],
                [
                    self::refusal($name, $without)->errors[0]->field,
                    substr(self::refusal($name, $without)->errors[0]->message, 0, 10),
                ],
            );
        }
    }

    #[DataProvider('examples')]
    public function test_a_field_of_the_wrong_type_is_refused_by_name(string $name, stdClass $example): void
    {
        foreach (array_keys(get_object_vars($example)) as $field) {
            $wrong = clone $example;
            $wrong->{$field} = (object) ['stray' => new stdClass()];
            self::assertSame($field, strtok(self::refusal($name, $wrong)->errors[0]->field, '[.'));
        }
    }

    /** What the schema calls the end of a field's range is where the calculation really refuses it. */
    #[DataProvider('examples')]
    public function test_a_number_past_its_limit_is_refused_by_name(string $name, stdClass $example): void
    {
        $tried = 0;
        foreach (Catalogue::named($name)->schema()['input']['properties'] ?? [] as $field => $says) {
            foreach (self::pastTheLimits((array) $says) as $number) {
                $wrong = clone $example;
                $wrong->{$field} = $number;
                self::assertSame(
                    $field,
                    self::refusal($name, $wrong)->errors[0]->field,
                    "$name takes $number as $field",
                );
                $tried++;
            }
        }
        // These take words and lists only.
        self::assertTrue(
            $tried > 0 || in_array($name, ['grit', 'kit-plan', 'kit-ladder', 'kit-stages'], true),
            "$name has no field with a limit",
        );
    }

    #[DataProvider('examples')]
    public function test_anything_but_an_object_is_refused(string $name, stdClass $example): void
    {
        self::assertStringContainsString(
            'give one JSON object',
            self::refusal($name, [1, 2])->errors[0]->message,
        );
    }

    #[DataProvider('examples')]
    public function test_numbers_out_of_all_reason_never_leave_as_infinity(
        string $name,
        stdClass $example,
    ): void {
        foreach ([1e308, 1e-308, INF] as $extreme) {
            foreach (get_object_vars($example) as $field => $value) {
                if (! is_numeric($value)) {
                    continue;
                }
                $wild = clone $example;
                $wild->{$field} = $extreme;
                try {
                    $answer = json_encode(Catalogue::named($name)->answer($wild), JSON_THROW_ON_ERROR);
                    self::assertJson($answer);
                } catch (InvalidInput $wrong) {
                    self::assertNotSame('', $wrong->errors[0]->message);
                }
            }
        }
        self::assertNotSame([], get_object_vars($example));
    }

    public function test_a_name_nobody_bears_lists_those_that_are(): void
    {
        $this->expectException(UnknownCalculation::class);
        $this->expectExceptionMessage('Known are: grit, bevel-angle');
        Catalogue::named('magic');
    }

    private static function refusal(string $name, mixed $json): InvalidInput
    {
        try {
            Catalogue::named($name)->answer($json);
        } catch (InvalidInput $wrong) {
            return $wrong;
        }
        self::fail("$name took what it should refuse.");
    }

    /**
     * @param  array<string, mixed>  $says  a field's JSON Schema
     * @return list<float>
     */
    private static function pastTheLimits(array $says): array
    {
        $past = ['exclusiveMinimum' => 0.0, 'minimum' => -0.001, 'exclusiveMaximum' => 0.0, 'maximum' => 0.001];
        $numbers = [];
        foreach ($past as $limit => $step) {
            if (is_numeric($says[$limit] ?? null) && ($says['type'] ?? null) === 'number') {
                $numbers[] = $says[$limit] + $step;
            }
        }

        return $numbers;
    }
}
