<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprIntegerNode;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprStringNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeNode;
use PHPStan\PhpDocParser\Ast\Type\ConstTypeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

require_once __DIR__.'/../../bin/answers.php';

/** What is sent is what the types say, no key more and none less, down to the last value: PHPStan looks for missing ones alone, and at no whole answer. */
final class ContractTest extends TestCase
{
    use RefreshDatabase;

    private const OF_SURFACE = ['OfDesign', 'OfSurface', 'PlannedAlike', 'PlannedSurface', 'OnPaper'];

    #[TestWith(['quince-lane'])]
    #[TestWith(['damson-terrace'])]
    public function test_all_that_is_told_of_a_surface(string $example): void
    {
        $user = $this->planner();
        $job = $this->exampleJob($user, $example);
        self::assertSame([], self::wrong($this->actingAs($user)->getJson("/jobs/{$job->id}/view")->assertOk()->json(), self::OF_SURFACE));
        $look = fn (string $tapeOf): mixed => $this->postJson("/jobs/{$job->id}/preview", ['base' => $job->current()->id, 'sequence' => 1, 'tape_of' => $tapeOf, 'edits' => []])->assertOk()->json();
        $ids = array_column((array) ((array) $look(''))['runs'], 'id');
        $preview = (array) $look($ids[1]);
        self::assertSame([], self::wrong(array_diff_key($preview, ['sequence' => 1]), ['PlannedAlike', 'PlannedSurface']));
        foreach (['tape' => [$ids[1]], 'table' => [$ids[1]], 'feet' => $ids] as $what => $of) {
            self::assertSame($of, array_column(array_filter((array) $preview['runs'], static fn (mixed $run): bool => is_array($run) && $run[$what] !== []), 'id'), $what);
        }
        self::assertSame([], self::wrong($this->getJson("/jobs/{$job->id}/because?path=lines")->assertOk()->json(), ['BecauseNode']));
        self::assertSame([], self::wrong($this->getJson("/jobs/{$job->id}/designs")->assertOk()->json('designs.0'), ['DesignRow']));
        // What is wrong would be told.
        self::assertSame(['PlannedAlike: stages'], self::wrong(['stages' => null] + array_diff_key($preview, ['sequence' => 1]), ['PlannedAlike', 'PlannedSurface']));
        self::assertSame(['status is missing', 'more is said'], self::wrong(['more' => 1] + array_diff_key($preview, ['sequence' => 1, 'status' => 1]), ['PlannedAlike', 'PlannedSurface']));
    }

    #[TestWith(['fallow-field', 'table-1'])]
    #[TestWith(['harrow-end', 'timber'])]
    #[TestWith(['harrow-end', 'spikes'])]
    #[TestWith(['sallow-meadow', 'blocks'])]
    public function test_all_that_is_told_of_a_table(string $example, string $table): void
    {
        $user = $this->planner();
        $job = $this->exampleJob($user, $example);
        $sent = (array) $this->actingAs($user)->getJson("/jobs/{$job->id}/view?surface=$table")->assertOk()->json();
        self::assertSame([], self::wrong($sent['table'], ['TableData']));
        self::assertSame([], self::wrong(array_diff_key($sent, ['table' => 1, 'block' => 1, 'blocks' => 1, 'survey' => 1, 'runs' => 1, 'eave_to_ridge' => 1]), ['OfDesign', 'PlannedAlike', 'TableTold']));
        self::assertSame([], self::wrong($this->getJson("/jobs/{$job->id}/table/beside?surface=$table")->assertOk()->json(), ['TableBeside']));
        self::assertSame([], self::wrong($this->getJson("/jobs/{$job->id}/table/kinds?surface=$table")->assertOk()->json('0'), ['TableKindBeside']));
    }

    /**
     * @param list<string> $names Of types whose keys are put together
     *
     * @return list<string> What is not as it is said to be
     */
    private static function wrong(mixed $value, array $names): array
    {
        $types = \told(base_path());
        if (count($names) === 1) {
            return self::isOf($value, $types[$names[0]][0], $names[0], $types);
        }
        self::assertIsArray($value);
        $wrong = $known = [];
        foreach ($names as $name) {
            $type = $types[$name][0];
            self::assertInstanceOf(ArrayShapeNode::class, $type);
            foreach ($type->items as $item) {
                $key = trim((string) $item->keyName, "'");
                $known[$key] = true;
                array_push($wrong, ...array_key_exists($key, $value) ? self::isOf($value[$key], $item->valueType, "$name: $key", $types) : ["$key is missing"]);
            }
        }

        return [...$wrong, ...array_map(static fn (int|string $key): string => "$key is said", array_keys(array_diff_key($value, $known)))];
    }

    /**
     * @param array<string, array{TypeNode, string}> $types
     *
     * @return list<string>
     */
    private static function isOf(mixed $value, TypeNode $type, string $at, array $types): array
    {
        $holds = match (true) {
            $type instanceof UnionTypeNode => array_filter($type->types, static fn (TypeNode $one): bool => self::isOf($value, $one, $at, $types) === []) !== [],
            $type instanceof ConstTypeNode => $type->constExpr instanceof ConstExprStringNode && $value === $type->constExpr->value
                || $type->constExpr instanceof ConstExprIntegerNode && (string) json_encode($value) === $type->constExpr->value,
            $type instanceof IdentifierTypeNode && isset($types[$type->name]) => null,
            $type instanceof IdentifierTypeNode => match ($type->name) {
                'string' => is_string($value),
                'int' => is_int($value),
                'float' => is_int($value) || is_float($value),
                'bool' => is_bool($value),
                'null' => $value === null,
                'mixed' => true,
                'Edit' => is_array($value),
                default => false,
            },
            default => is_array($value) ? null : false,
        };
        if ($holds !== null) {
            return $holds ? [] : [$at];
        }
        if ($type instanceof IdentifierTypeNode) {
            return self::isOf($value, $types[$type->name][0], $at, $types);
        }
        self::assertIsArray($value);
        if ($type instanceof ArrayShapeNode) {
            $wrong = $known = [];
            foreach ($type->items as $index => $item) {
                $key = $item->keyName === null ? $index : trim((string) $item->keyName, "'");
                $known[$key] = true;
                array_push($wrong, ...match (true) {
                    array_key_exists($key, $value) => self::isOf($value[$key], $item->valueType, "$at/$key", $types),
                    $item->optional => [],
                    default => ["$at/$key is missing"],
                });
            }

            return [...$wrong, ...array_map(static fn (int|string $key): string => "$at/$key is said", array_keys(array_diff_key($value, $known)))];
        }
        self::assertInstanceOf(GenericTypeNode::class, $type);
        $of = $type->genericTypes[array_key_last($type->genericTypes)];
        $wrong = (string) $type->type === 'list' && !array_is_list($value) ? ["$at is no list"] : [];
        foreach ($value as $key => $one) {
            array_push($wrong, ...self::isOf($one, $of, "$at/$key", $types));
        }

        return $wrong;
    }
}
