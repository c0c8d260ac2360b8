package honeststack.app.http;

/** One field of a refused request: which, what it held, what is wrong, what is accepted. */
record FieldProblem(String field, String offending, String problem, String accepted) {}
