package dettato.bench.whole;

/** What one class's teacher reads beside the school's millions. */
final class Reading {
  private Reading() {}

  public static void main(String[] args) throws Exception {
    Api api = new Api(args[0]);
    long id = Api.ids(api.get("/api/classes"), "\"id\":(\\d+),\"name\":\"Class 7\"").get(0);
    String of = "/api/classes/" + id;
    api.time("bare GET /api/session", "/api/session", 40);
    api.time("findings of one class", of + "/findings?asOf=2026-07-17", 40);
    api.time("map of one class", of + "/map?asOf=2026-07-17", 40);
    for (int day = 1; day <= 9; day++) {
      api.time("findings of another day", of + "/findings?asOf=2026-07-0" + day, 1);
    }
  }
}
